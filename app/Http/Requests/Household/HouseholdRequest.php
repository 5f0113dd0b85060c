<?php

declare(strict_types=1);

namespace App\Http\Requests\Household;

use App\Actions\Household\HouseholdSettings;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\Handbook;
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
            'hardness' => ['nullable', 'numeric', 'between:0,2000', new TapHardness(
                app(Handbook::class),
                $this->hardnessUnit(),
                $this->boolean('sure'),
            )],
            'hardness_unit' => ['nullable', 'string', Rule::in((new Descaling(app(Handbook::class)->doseModel()))->hardnessUnits())],
            'vinegar_strength' => ['nullable', 'numeric', 'between:1,30'],
            'hour_value' => ['nullable', 'numeric', 'between:0,10000'],
            'call_fee' => ['nullable', 'numeric', 'between:1,100000'],
            'currency' => ['nullable', 'string', 'max:6'],
            'no_harsh' => ['nullable', 'boolean'],
        ];
    }

    public function settings(): HouseholdSettings
    {
        [$hourValue, $callFee] = $this->prices();

        return new HouseholdSettings(
            name: $this->string('name')->toString(),
            timezone: $this->string('timezone')->toString(),
            measures: $this->measures(),
            hardness: $this->hardness(),
            hardnessUnit: $this->hardnessUnit(),
            vinegarStrength: $this->vinegarStrength(),
            harshChemicals: !$this->boolean('no_harsh'),
            hourValue: $hourValue,
            callFee: $callFee,
            currency: $this->currency(),
        );
    }

    public function measures(): Measures
    {
        return Measures::from($this->string('measures')->toString());
    }

    private function hardness(): ?float
    {
        return $this->filled('hardness') ? $this->float('hardness') : null;
    }

    /** @return array{float, float} what an hour and a call cost; as they were where nobody says */
    private function prices(): array
    {
        $home = $this->user()->household ?? null;

        return [
            $this->filled('hour_value') ? $this->float('hour_value') : (float) ($home->hour_value ?? 15),
            $this->filled('call_fee') ? $this->float('call_fee') : (float) ($home->call_fee ?? 120),
        ];
    }

    private function currency(): ?string
    {
        return $this->filled('currency') ? $this->string('currency')->trim()->toString() : null;
    }

    private function hardnessUnit(): string
    {
        return $this->filled('hardness_unit') ? $this->string('hardness_unit')->toString() : 'dH';
    }

    /** %; the usual one where nobody says. */
    private function vinegarStrength(): float
    {
        return $this->filled('vinegar_strength')
            ? $this->float('vinegar_strength')
            : app(Handbook::class)->doseModel()->recipeStrength;
    }
}
