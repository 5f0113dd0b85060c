<?php

declare(strict_types=1);

namespace App\Http\Requests\Household;

use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How hard the water is: a number in some unit, or what a test strip shows. */
final class WaterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $doses = app(Handbook::class)->doseModel();

        return [
            'strip' => ['nullable', 'integer', 'between:0,'.(count($doses->strip) - 1)],
            'hardness' => ['nullable', 'numeric', 'between:0,2000', new TapHardness(
                app(Handbook::class),
                $this->unit(),
                $this->boolean('sure'),
            )],
            'hardness_unit' => ['nullable', 'string', Rule::in((new Descaling($doses))->hardnessUnits())],
        ];
    }

    public function isTried(): bool
    {
        return $this->filled('strip') || $this->filled('hardness');
    }

    /** In its unit; null when nothing was said. */
    public function hardness(): ?float
    {
        return match (true) {
            $this->filled('hardness') => $this->float('hardness'),
            $this->filled('strip') => app(Handbook::class)->doseModel()->strip[$this->integer('strip')],
            default => null,
        };
    }

    public function unit(): string
    {
        return $this->filled('hardness') && $this->filled('hardness_unit') ? $this->string('hardness_unit')->toString() : 'dH';
    }
}
