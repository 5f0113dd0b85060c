<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

/** One answer to a question with a closed set of answers. */
final readonly class Option
{
    public function __construct(public string $id, public string $name, public ?string $note)
    {
    }
}
