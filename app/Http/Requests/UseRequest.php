<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Uses of a machine: one now, or about how many in the last days. */
final class UseRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'uses' => ['nullable', 'numeric', 'between:0,1000'],
            'over' => ['nullable', 'integer', 'between:1,31', 'required_with:uses'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['uses' => (string) __('machines.about_how_many')];
    }
}
