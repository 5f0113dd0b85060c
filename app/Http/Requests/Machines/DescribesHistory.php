<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Validation\Rule;

/** Reads what was before a machine was looked after here. */
trait DescribesHistory
{
    /** @return array<string, list<mixed>> */
    private function beforeRules(MachineKind $kind): array
    {
        return [
            'new_on' => ['nullable', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
            'cleaned_on' => ['nullable', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
            'cleaned' => ['nullable', 'array', 'max:40'],
            'cleaned.*' => ['string', Rule::in(array_keys($kind->tasks()))],
        ];
    }

    public function newOn(): ?Day
    {
        return $this->filled('new_on') ? Day::of($this->string('new_on')->toString()) : null;
    }

    public function cleanedOn(): ?Day
    {
        return $this->filled('cleaned_on') ? Day::of($this->string('cleaned_on')->toString()) : null;
    }

    /** @return list<string>|null care tasks; null where none was named */
    public function cleaned(): ?array
    {
        $named = array_values(array_filter((array) $this->input('cleaned', []), is_string(...)));

        return [] === $named ? null : $named;
    }
}
