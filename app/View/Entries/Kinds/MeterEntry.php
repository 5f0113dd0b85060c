<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Uses;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A counter’s running total.
 *
 * @implements EntryPresenter<MeterTotal>
 */
final readonly class MeterEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return MeterTotal::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text('meter', ['uses' => Uses::counted($payload->total, $payload->unit)]);
    }

    public static function sign(): string
    {
        return '<path class="rim-line" d="M4 9 H26 V21 H4Z M11 9 V21 M18.5 9 V21"/>';
    }
}
