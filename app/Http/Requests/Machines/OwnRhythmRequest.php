<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What somebody wants of a rhythm: that it learns, or stays as it is, within bounds of their own. */
final class OwnRhythmRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'keep' => ['nullable', Rule::in(['now', 'start', 'as-kept'])],
            'least' => ['nullable', 'integer', 'between:1,3650'],
            'most' => ['nullable', 'integer', 'between:1,3650', ...($this->filled('least') ? ['gte:least'] : [])],
        ];
    }

    public function days(string $field): ?float
    {
        return $this->filled($field) ? $this->float($field) : null;
    }
}
