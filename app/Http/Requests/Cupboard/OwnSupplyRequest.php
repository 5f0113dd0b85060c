<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Quantity\PortionUnit;
use Illuminate\Validation\Rule;

/** A supply that the handbook does not know. */
final class OwnSupplyRequest extends UlidRequest
{
    use AcceptsNumbers;

    /** Characters of its name. */
    public const LONGEST = 60;

    protected function prepareForValidation(): void
    {
        $this->readNumbers('package');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'name' => ['required', 'string', 'max:'.self::LONGEST],
            'counted' => ['nullable', Rule::enum(PortionUnit::class)],
            'package' => ['nullable', 'numeric', 'gt:0', 'max:100000'],
            'wish' => ['nullable', 'boolean'],
        ];
    }

    public function unit(): PortionUnit
    {
        return PortionUnit::tryFrom($this->string('counted')->toString()) ?? PortionUnit::Pieces;
    }

    public function package(): float
    {
        return $this->filled('package') ? $this->float('package') : 1.0;
    }
}
