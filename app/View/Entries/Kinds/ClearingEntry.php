<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A vessel was cleared.
 *
 * @implements EntryPresenter<Clearing>
 */
final readonly class ClearingEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Clearing::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text("clearing.$payload->by", ['vessel' => $this->names->vessel($payload->vessel, $about->machine)]);
    }

    public static function sign(): string
    {
        return '<path class="rim-line" d="M4 11 q5.5 -5 11 0 t11 0 M4 20 q5.5 -5 11 0 t11 0"/>';
    }
}
