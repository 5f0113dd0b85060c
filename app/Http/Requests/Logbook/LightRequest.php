<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\UlidRequest;

/** An indicator light that came on or went out. */
final class LightRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + ['light' => ['required', 'string', 'max:40'], 'on' => ['required', 'boolean']];
    }
}
