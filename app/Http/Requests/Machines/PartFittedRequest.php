<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Logbook\Payload\PartFitted;

/** A new part that was fitted, and what was paid for it. */
final class PartFittedRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'part' => ['required', 'string', 'max:60'],
            'price' => ['nullable', 'numeric', 'between:0,100000'],
            'warranty' => ['nullable', 'date_format:Y-m-d', 'after:1999-12-31', 'before:2200-01-01'],
        ];
    }

    public function fitted(): PartFitted
    {
        return new PartFitted(
            $this->string('part')->toString(),
            $this->filled('price') ? $this->float('price') : null,
            $this->filled('warranty') ? $this->string('warranty')->toString() : null,
        );
    }
}
