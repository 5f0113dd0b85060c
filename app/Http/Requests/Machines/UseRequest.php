<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Quantity\Day;

/** Uses of a machine: one now, or about how many in the last days. */
final class UseRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'uses' => ['nullable', 'numeric', 'between:0,1000'],
            'over' => ['nullable', 'integer', 'between:1,31'],
            'from' => ['nullable', 'string', 'date_format:Y-m-d', 'after:1999-12-31', 'required_with:to'],
            'to' => ['nullable', 'string', 'date_format:Y-m-d', 'after_or_equal:from', 'required_with:from'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to.after_or_equal' => (string) __('machines.away_order')];
    }

    /** The last day that a number was told for; null where it is of just now. */
    public function until(): ?Day
    {
        return $this->filled('to') ? Day::of($this->string('to')->toString()) : null;
    }

    /** Days that a number is spread over; null for uses made just now. */
    public function over(): ?int
    {
        $until = $this->until();

        return match (true) {
            !$this->filled('uses') => null,
            null !== $until => $until->since(Day::of($this->string('from')->toString())) + 1,
            default => $this->filled('over') ? $this->integer('over') : null,
        };
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['uses' => (string) __('machines.about_how_many')];
    }
}
