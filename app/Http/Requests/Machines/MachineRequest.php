<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Actions\Machines\MachineDescription;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\MachineKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A machine as a person describes it; what can be asked comes from the handbook. */
final class MachineRequest extends FormRequest
{
    use DescribesUse;
    use DescribesHistory;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $kinds = app(Handbook::class)->kindNames();
        $rules = [
            'name' => ['required', 'string', 'max:60'],
            'place' => ['nullable', 'string', 'max:60'],
            'model' => ['nullable', 'string', 'max:60'],
            'serial' => ['nullable', 'string', 'max:60'],
            'bought_on' => ['nullable', 'date_format:Y-m-d', 'after:1949-12-31', 'before:2200-01-01'],
            'warranty_until' => ['nullable', 'date_format:Y-m-d', 'after:1949-12-31', 'before:2200-01-01'],
        ];
        if (null === $this->machine()) {
            $rules += ['id' => ['required', 'string', 'ulid'], 'kind' => ['required', 'string', Rule::in(array_keys($kinds))]];
        }
        $kind = $this->input('kind');
        if (null === $this->machine() && (!is_string($kind) || !isset($kinds[$kind]))) {
            return $rules;
        }
        foreach ($this->kind()->traits() as $trait) {
            $rules["traits.$trait->id"] = ['nullable', ...$this->answerRules($trait->options, $trait->number, $trait->unit)];
        }
        $rules['water'] = ['nullable', ...$this->answerRules(array_column($this->feels(), 0), null)];

        return null === $this->machine() ? $rules + $this->useRules($this->kind()) + $this->beforeRules($this->kind()) : $rules;
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        $names = [];
        $kind = $this->input('kind');
        if (null !== $this->machine() || (is_string($kind) && isset(app(Handbook::class)->kindNames()[$kind]))) {
            $names = $this->useNames($this->kind());
            foreach ($this->kind()->traits() as $trait) {
                $names["traits.$trait->id"] = rtrim(mb_strtolower($trait->ask), '?');
            }
        }

        return $names;
    }

    public function kind(): MachineKind
    {
        return app(Handbook::class)->kind($this->machine()->kind ?? $this->string('kind')->toString());
    }

    public function description(): MachineDescription
    {
        return new MachineDescription(
            name: $this->string('name')->toString(),
            place: $this->optionalText('place'),
            traits: $this->traits(),
            habits: $this->machine()->habits ?? $this->habitInput($this->kind()),
            schools: $this->machine()->schools ?? $this->schoolInput($this->kind()),
            model: $this->optionalText('model'),
            serial: $this->optionalText('serial'),
            boughtOn: $this->optionalText('bought_on'),
            warrantyUntil: $this->optionalText('warranty_until'),
        );
    }

    /** What was typed in a field; null when nothing was. */
    private function optionalText(string $field): ?string
    {
        return $this->filled($field) ? $this->string($field)->toString() : null;
    }

    /** @return array<string, string> what somebody knows; as it was where the form did not ask */
    private function traits(): array
    {
        $traits = [];
        foreach ($this->kind()->traits() as $trait) {
            $typed = $this->optionalText("traits.$trait->id");
            $typed = $this->has("traits.$trait->id")
                ? (null === $typed ? null : $this->traitInput($trait, $typed))
                : $this->machine()->traits[$trait->id] ?? null;
            if (null !== $typed) {
                $traits[$trait->id] = $typed;
            }
        }

        return $traits;
    }

    /** How hard the water is said to be, in °dH; null where nobody knows. */
    public function water(): ?float
    {
        foreach ($this->feels() as [$feel, $degrees]) {
            if ($feel->id === $this->input('water')) {
                return $degrees;
            }
        }

        return null;
    }

    /** @return list<array{Option, float}> */
    private function feels(): array
    {
        return app(Handbook::class)->doseModel()->feels;
    }

    private function machine(): ?Machine
    {
        $machine = $this->route('machine');

        return $machine instanceof Machine ? $machine : null;
    }
}
