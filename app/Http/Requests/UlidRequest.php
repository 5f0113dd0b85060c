<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A request that carries the id of what it writes, so that sending it twice writes once. */
class UlidRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'ulid']];
    }

    public function ulid(): string
    {
        return mb_strtoupper($this->string('id')->toString());
    }
}
