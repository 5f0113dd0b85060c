<?php

declare(strict_types=1);

namespace App\Backups;

use GoodRinse\Core\Refusal;

/** A backup that could not be made or brought back; the message says why and what holds now. */
final class BackupFailed extends \RuntimeException implements Refusal
{
    /** @param array<string, string|int> $with */
    public static function because(string $why, array $with = []): self
    {
        return new self((string) __("household.backup.failed.$why", $with));
    }
}
