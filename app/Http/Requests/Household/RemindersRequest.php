<?php

declare(strict_types=1);

namespace App\Http\Requests\Household;

use App\Models\Household;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** When mail comes. */
final class RemindersRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $hour = ['required', 'integer', 'between:0,23'];

        return [
            'wanted' => ['nullable', 'boolean'],
            'digest_hour' => $hour,
            'quiet_from' => $hour,
            'quiet_to' => $hour,
            'calendar_kind' => ['nullable', Rule::in(Household::CALENDAR_KINDS)],
            'quiet_machines' => ['nullable', 'boolean'],
        ];
    }
}
