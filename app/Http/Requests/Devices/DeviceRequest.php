<?php

declare(strict_types=1);

namespace App\Http\Requests\Devices;

use Illuminate\Foundation\Http\FormRequest;

/** A counter to be added to a machine. */
final class DeviceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['nullable', 'ulid'], 'name' => ['required', 'string', 'max:60'], 'simulated' => ['nullable', 'boolean']];
    }
}
