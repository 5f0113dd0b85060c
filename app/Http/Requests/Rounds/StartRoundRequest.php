<?php

declare(strict_types=1);

namespace App\Http\Requests\Rounds;

use Illuminate\Foundation\Http\FormRequest;

final class StartRoundRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'task' => ['required_without_all:procedure,procedures', 'nullable', 'string', 'max:40'], 'procedure' => [
                'nullable',
                'string',
                'regex:/^[a-z][a-z0-9-]{0,39}$/',
            ],
            'procedures' => ['nullable', 'array', 'max:12'],
            'procedures.*' => ['string', 'distinct', 'regex:/^[a-z][a-z0-9-]{0,39}$/'],
        ];
    }

    public function task(): ?string
    {
        return $this->filled('task') ? $this->string('task')->toString() : null;
    }

    /** @return list<string> to be done together */
    public function procedures(): array
    {
        $many = array_values(array_filter((array) $this->input('procedures', []), is_string(...)));

        return $this->filled('procedure') ? [$this->string('procedure')->toString()] : $many;
    }
}
