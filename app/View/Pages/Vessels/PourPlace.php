<?php

declare(strict_types=1);

namespace App\View\Pages\Vessels;

/** A vessel that something can be poured into, with the machine it is written down for. */
final readonly class PourPlace
{
    /** @param string $label its name, with that of its machine where there are several */
    public function __construct(public string $machine, public string $vessel, public string $label)
    {
    }
}
