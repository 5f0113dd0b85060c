<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Quantity\Day;

/** A reminder to be put off. */
final class SnoozeRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'task' => ['required', 'string', 'max:40'],
            'until' => ['required', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
            'reason' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['until' => (string) __('machines.until'), 'reason' => (string) __('machines.reason')];
    }

    public function until(): Day
    {
        return Day::of($this->string('until')->toString());
    }
}
