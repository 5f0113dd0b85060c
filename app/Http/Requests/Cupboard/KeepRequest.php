<?php

declare(strict_types=1);

namespace App\Http\Requests\Cupboard;

use Illuminate\Foundation\Http\FormRequest;

/** Where a supply is kept, and what is used of it beside the jobs. */
final class KeepRequest extends FormRequest
{
    use NamesSupply;

    protected function prepareForValidation(): void
    {
        $given = $this->input('beside_amount');
        if (is_string($given)) {
            $this->merge(['beside_amount' => str_replace(',', '.', trim($given))]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'supply' => ['required', 'string', 'max:100', $this->isKept(...)],
            'place' => ['nullable', 'string', 'max:40'],
            'beside_amount' => ['nullable', 'numeric', 'gt:0', 'max:100000', 'required_with:beside_days'],
            'beside_days' => ['nullable', 'integer', 'between:1,1000', 'required_with:beside_amount'],
        ];
    }

    public function place(): ?string
    {
        return $this->filled('place') ? trim($this->string('place')->toString()) : null;
    }

    public function amount(): ?float
    {
        return $this->filled('beside_amount') ? $this->float('beside_amount') : null;
    }

    public function days(): ?int
    {
        return $this->filled('beside_days') ? $this->integer('beside_days') : null;
    }
}
