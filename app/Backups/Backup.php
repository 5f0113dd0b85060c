<?php

declare(strict_types=1);

namespace App\Backups;

/** A kept copy of everything: one zip file. */
final readonly class Backup
{
    /** @param int $bytes size of the file */
    public function __construct(public string $path, public \DateTimeImmutable $madeAt, public int $bytes)
    {
    }

    public function name(): string
    {
        return basename($this->path);
    }
}
