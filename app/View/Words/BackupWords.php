<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Backups\BackupFolder;
use App\Models\Household;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Says when the last good backup was made. */
final readonly class BackupWords
{
    private const DAYS = 2;

    public function __construct(private ClockInterface $clock, private BackupFolder $folder)
    {
    }

    public function line(Household $household): string
    {
        $newest = $this->folder->newest();
        if (null === $newest) {
            return (string) __('household.backup.none');
        }
        $now = $this->clock->now();
        $line = (string) __('household.backup.last', [
            'day' => Dates::day(Day::at($newest->madeAt, $household->zone()), Day::at($now, $household->zone())),
            'time' => Dates::time($newest->madeAt, $household->zone()),
        ]);

        return $newest->madeAt < $now->modify(sprintf('-%d days', self::DAYS)) ? $line.' '.__('household.backup.old') : $line;
    }
}
