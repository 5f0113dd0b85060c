<?php

declare(strict_types=1);

namespace App\Http\Requests;

use GoodRinse\Core\Quantity\Measures;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class HouseholdRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'timezone' => ['required', 'string', 'timezone:all'],
            'measures' => ['required', Rule::enum(Measures::class)],
        ];
    }

    public function measures(): Measures
    {
        return Measures::from($this->string('measures')->toString());
    }
}
