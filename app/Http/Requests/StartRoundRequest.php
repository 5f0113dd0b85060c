<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class StartRoundRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['task' => ['required', 'string', 'max:40'], 'procedure' => ['nullable', 'string', 'max:40']];
    }
}
