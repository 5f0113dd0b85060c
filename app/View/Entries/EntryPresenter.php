<?php

declare(strict_types=1);

namespace App\View\Entries;

use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * How one kind of entry is shown.
 *
 * @template P of Payload
 */
interface EntryPresenter
{
    /** @return class-string<P> what it shows */
    public static function payload(): string;

    /** @param P $payload */
    public function describe(Payload $payload, EntrySubject $about): string;

    /** What is drawn beside it: the inside of an SVG of 30 by 30, strokes by class. */
    public static function sign(): string;
}
