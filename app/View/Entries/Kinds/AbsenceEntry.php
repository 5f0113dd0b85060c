<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Dates;
use GoodRinse\Core\Logbook\Payload\Absence;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * Days on which nobody was there.
 *
 * @implements EntryPresenter<Absence>
 */
final readonly class AbsenceEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Absence::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $reason = '' === $payload->reason ? '' : $this->names->text('away_reason', ['reason' => $payload->reason]);

        return $this->names->text('away', ['from' => Dates::day($payload->from), 'to' => Dates::day($payload->to)]).$reason;
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M7 4 H19 V26 H7Z M19 15 H27 M23.5 11 L27 15 L23.5 19"/>';
    }
}
