<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class LogbookRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'entry' => ['nullable', 'string', 'max:30'],
            'machine' => ['nullable', 'string', 'max:40'],
            'show' => ['nullable', 'string', 'in:care,uses,all'],
            'before' => ['nullable', 'string', 'max:60'],
        ];
    }

    protected function getRedirectUrl(): string
    {
        return route('logbook');
    }
}
