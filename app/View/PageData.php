<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Contracts\Support\Arrayable;

/**
 * What a page hands to its view: typed and unchangeable. In the view each property is a variable, and `data` is the whole.
 *
 * @implements Arrayable<string, mixed>
 */
abstract readonly class PageData implements Arrayable
{
    /** @return array<string, mixed> */
    public function toArray(): array
    {
        /** @var array<string, mixed> $variables */
        $variables = get_object_vars($this);

        return ['data' => $this, ...$variables];
    }
}
