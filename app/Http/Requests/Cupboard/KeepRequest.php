<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use App\Care\Cupboard\SupplyCatalog;
use App\Models\User;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Where a supply is kept, and what is used of it beside the jobs. */
final class KeepRequest extends FormRequest
{
    use NamesSupply;
    use AcceptsNumbers;

    protected function prepareForValidation(): void
    {
        $this->readNumbers('beside_amount');
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'supply' => ['required', 'string', 'max:100', $this->isKept(...)],
            'place' => ['nullable', 'string', 'max:40'],
            'beside_amount' => ['nullable', 'numeric', 'gt:0', 'max:100000', 'required_with:beside_days'],
            'unit' => ['nullable', 'string', Rule::in(array_keys(Portion::measures(HouseMeasures::now())))],
            'beside_days' => ['nullable', 'integer', 'between:1,1000', 'required_with:beside_amount'],
        ];
    }

    public function place(): ?string
    {
        return $this->filled('place') ? trim($this->string('place')->toString()) : null;
    }

    /** Null for nothing; in no measure that was given, in the supply's own unit. */
    public function beside(): ?Portion
    {
        $amount = $this->float('beside_amount');

        return match (true) {
            !$this->filled('beside_amount') => null,
            $this->filled('unit') => Portion::measured($amount, $this->string('unit')->toString()),
            default => Portion::of($amount, $this->unit()),
        };
    }

    private function unit(): PortionUnit
    {
        $person = $this->user();
        $found = $person instanceof User ? app(SupplyCatalog::class)->find($person->home(), $this->string('supply')->toString()) : null;

        return null === $found ? PortionUnit::Pieces : $found[0]->unit;
    }

    public function days(): ?int
    {
        return $this->filled('beside_days') ? $this->integer('beside_days') : null;
    }
}
