<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use App\Models\Household;
use App\Models\Machine;
use Illuminate\Foundation\Http\FormRequest;

/** Prices of a household, or what a machine would cost anew. */
final class CostRequest extends FormRequest
{
    use AcceptsNumbers;

    private const NUMBERS = ['water_price', 'power_price', 'price', 'lasts', 'left', 'litres', 'power'];

    protected function prepareForValidation(): void
    {
        $this->readNumbers(...self::NUMBERS);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $any = 'required_with:price,lasts,left';

        return [
            'machine' => ['nullable', 'string', 'max:40'],
            'water_price' => ['nullable', 'numeric', 'between:0,10000'],
            'power_price' => ['nullable', 'numeric', 'between:0,10000'],
            'counts_time' => ['nullable', 'boolean'],
            'price' => ['nullable', $any, 'numeric', 'gt:0', 'max:1000000'],
            'lasts' => ['nullable', $any, 'numeric', 'gt:0', 'max:100'],
            'left' => ['nullable', $any, 'numeric', 'between:0,100'],
            'litres' => ['nullable', 'numeric', 'between:0,1000'],
            'power' => ['nullable', 'numeric', 'between:0,100'],
        ];
    }

    /** Null where it is about the household; somebody else's machine is not found. */
    public function machine(Household $household): ?Machine
    {
        if (!$this->filled('machine')) {
            return null;
        }
        $machine = $household->machines()->find($this->string('machine')->toString());

        return $machine instanceof Machine ? $machine : abort(404);
    }

    /** @return array{price: float|null, lasts: float|null, left: float|null, litres: float|null, power: float|null} */
    public function worth(): array
    {
        return [
            'price' => $this->number('price'),
            'lasts' => $this->number('lasts'),
            'left' => $this->number('left'),
            'litres' => $this->number('litres'),
            'power' => $this->number('power'),
        ];
    }

    public function number(string $field): ?float
    {
        return $this->filled($field) ? $this->float($field) : null;
    }
}
