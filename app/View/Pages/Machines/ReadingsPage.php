<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Device\ReadingsFile;
use GoodRinse\Core\Device\TableFormat;
use GoodRinse\Core\Handbook\Handbook;

/** A table of counter readings as it was read: the bad lines by number, the good ones to look through. */
final readonly class ReadingsPage
{
    private const SHOWN = 12;

    public function __construct(private Handbook $handbook)
    {
    }

    public function for(
        Machine $machine,
        Household $household,
        ReadingsFile $file,
        string $table,
        bool $replaced,
        string $id,
        ?string $marks = null,
        ?string $order = null,
    ): ReadingsData {
        $bad = [];
        foreach ($file->bad as $line => [$why, $values]) {
            $bad[$line] = (string) __("readings.bad.$why", $values);
        }

        return new ReadingsData(
            machine: $machine,
            kind: $machine->kindIn($this->handbook),
            household: $household,
            file: $file,
            bad: $bad,
            first: array_slice($file->good, 0, self::SHOWN, true),
            more: max(0, count($file->good) - self::SHOWN),
            table: $table,
            replaced: $replaced,
            id: $id,
            asks: array_map(
                static fn (string $ask): array => TableFormat::NUMBERS === $ask
                    ? ['marks', [TableFormat::THOUSANDS, TableFormat::DECIMALS]]
                    : ['order', [TableFormat::DAY_FIRST, TableFormat::MONTH_FIRST]],
                $file->asks,
            ),
            told: array_filter(['marks' => $marks, 'order' => $order]),
        );
    }
}
