<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\UlidRequest;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Validation\Rule;

/** Days on which nobody is there. */
final class AbsenceRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'from' => ['required', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
            'to' => ['required', 'string', 'date_format:Y-m-d', 'after_or_equal:from', 'before:2100-01-01'],
            'reason' => ['nullable', 'string', 'max:120'],
            'machines' => ['required', 'array'],
            'machines.*' => ['string', Rule::in($this->own()->modelKeys())],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['machines.required' => (string) __('machines.away_which'), 'to.after_or_equal' => (string) __('machines.away_order')];
    }

    /** @return list<Machine> */
    public function chosen(): array
    {
        return array_values(
            $this->own()->filter(fn (Machine $machine): bool => in_array($machine->id, (array) $this->input('machines'), true))->all(),
        );
    }

    public function day(string $key): Day
    {
        return Day::of($this->string($key)->toString());
    }

    /** @return \Illuminate\Database\Eloquent\Collection<int, Machine> */
    private function own(): \Illuminate\Database\Eloquent\Collection
    {
        $person = $this->user();

        return $person instanceof User ? $person->home()->activeMachines()->get() : new \Illuminate\Database\Eloquent\Collection();
    }
}
