<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** A warning that is said at the step it belongs to. */
final readonly class Caution
{
    public function __construct(public string $id, public string $title, public string $text)
    {
    }
}
