<?php

declare(strict_types=1);

namespace App\Care\Cache;

use GoodRinse\Core\Logbook\PackedOpenings;
use GoodRinse\Core\Usage\TapTrack;

/** What a machine's logbook says of the time before a moment, as it was computed already. */
final readonly class SettledPast
{
    /**
     * @param string $cut moment before which it lies, in UTC, as the logbook writes it
     * @param array<string, PackedOpenings> $openings by care task
     * @param bool $hasMore whether openings of other tasks lie before it
     * @param string $taps single uses, packed
     */
    public function __construct(public string $cut, public array $openings, public bool $hasMore, private string $taps)
    {
    }

    public function taps(): TapTrack
    {
        return TapTrack::unpack($this->taps);
    }
}
