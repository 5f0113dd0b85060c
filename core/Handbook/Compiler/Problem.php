<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

/** Something wrong in one place of one handbook file. */
final readonly class Problem implements \Stringable
{
    /**
     * @param string $file path below the handbook folder
     * @param string $pointer JSON pointer into the file, or "line N" where it cannot be read at all
     */
    public function __construct(public string $file, public string $pointer, public string $problem)
    {
    }

    public function __toString(): string
    {
        return sprintf('%s %s: %s', $this->file, '' === $this->pointer ? '/' : $this->pointer, $this->problem);
    }
}
