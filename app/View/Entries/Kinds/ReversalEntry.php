<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;

/**
 * Another entry was taken back.
 *
 * @implements EntryPresenter<Reversal>
 */
final readonly class ReversalEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Reversal::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text("voiding.$payload->why");
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M8 12 H19 Q25 12 25 18 Q25 24 19 24 H12 M8 12 L13 7 M8 12 L13 17"/>';
    }
}
