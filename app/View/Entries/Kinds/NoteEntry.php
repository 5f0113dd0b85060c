<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A note.
 *
 * @implements EntryPresenter<Note>
 */
final readonly class NoteEntry implements EntryPresenter
{
    public static function payload(): string
    {
        return Note::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $payload->text;
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M6 5 H24 V25 H6Z M10 11 H20 M10 16 H20 M10 21 H15"/>';
    }
}
