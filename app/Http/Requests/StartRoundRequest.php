<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class StartRoundRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['task' => ['required_without:procedure', 'nullable', 'string', 'max:40'], 'procedure' => ['nullable', 'string', 'max:40']];
    }

    public function task(): ?string
    {
        return $this->filled('task') ? $this->string('task')->toString() : null;
    }

    public function procedure(): ?string
    {
        return $this->filled('procedure') ? $this->string('procedure')->toString() : null;
    }
}
