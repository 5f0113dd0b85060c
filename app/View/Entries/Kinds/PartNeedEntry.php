<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\PartNeed;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A part is worn, to be ordered or ordered.
 *
 * @implements EntryPresenter<PartNeed>
 */
final readonly class PartNeedEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return PartNeed::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text("need.$payload->stage", ['part' => $this->names->part($about->machine, $payload->part)])
            .(null === $payload->number ? '' : $this->names->text('need_number', ['number' => $payload->number]))
            .(null === $payload->note ? '' : $this->names->text('need_note', ['note' => $payload->note]));
    }

    public static function sign(): string
    {
        return '<circle class="ink-line" cx="15" cy="15" r="11" stroke-dasharray="4 3"/><path class="rim-line" d="M15 9 v8 M15 21 v.6"/>';
    }
}
