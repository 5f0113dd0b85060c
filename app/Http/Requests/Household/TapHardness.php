<?php

declare(strict_types=1);

namespace App\Http\Requests\Household;

use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Contracts\Validation\ValidationRule;

/** A number that no tap's water has is asked about: mostly its unit is another. */
final readonly class TapHardness implements ValidationRule
{
    /**
     * @param string $unit that it is written in
     * @param bool $isSure whether the person has looked again
     */
    public function __construct(private Handbook $handbook, private string $unit, private bool $isSure)
    {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        $size = $this->handbook->doseModel()->hardnessUnits[$this->unit] ?? null;
        $most = $this->handbook->measureModel()->hardest;
        if (!$this->isSure && is_numeric($value) && null !== $size && $value * $size > $most) {
            $fail((string) __('household.hardness_odd', ['most' => Uses::number(floor($most / $size))]));
        }
    }
}
