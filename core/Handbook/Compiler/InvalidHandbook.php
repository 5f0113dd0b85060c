<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

use GoodRinse\Core\CoreException;

/** The handbook cannot be used as it stands; every problem found is named. */
final class InvalidHandbook extends \RuntimeException implements CoreException
{
    /** @param non-empty-list<Problem> $problems */
    private function __construct(public readonly array $problems, string $message)
    {
        parent::__construct($message);
    }

    /** @param non-empty-list<Problem> $problems */
    public static function because(array $problems): self
    {
        $shown = array_slice($problems, 0, 5);
        $more = count($problems) - count($shown);

        return new self($problems, 'The handbook has problems: '.implode(' | ', $shown).($more > 0 ? " | and $more more" : ''));
    }

    public static function missing(string $path): self
    {
        return self::because([new Problem($path, '', 'the file or folder is missing or cannot be read')]);
    }
}
