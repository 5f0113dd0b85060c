<?php

declare(strict_types=1);

namespace App\Care;

use GoodRinse\Core\Logbook\MachineHistory;

/** A machine's history as it is kept between two entries. */
final readonly class KeptHistory
{
    /**
     * @param string $stamp  what it was gathered from
     * @param int    $newest Unix time of the newest happening
     */
    public function __construct(public string $stamp, public int $newest, public MachineHistory $history)
    {
    }
}
