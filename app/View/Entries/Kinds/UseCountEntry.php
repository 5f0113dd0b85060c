<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Uses;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\UseCount;

/**
 * Uses counted by hand, or told for some days.
 *
 * @implements EntryPresenter<UseCount>
 */
final readonly class UseCountEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return UseCount::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $uses = ['uses' => Uses::counted($payload->uses, $payload->unit)];

        return null === $payload->over
            ? $this->names->text('counter', $uses)
            : trans_choice('logbook.counter_over', $payload->over, $uses);
    }

    public static function sign(): string
    {
        return '<path class="rim-line" d="M8 6 V24 M14 6 V24 M20 6 V24 M4 20 L25 10"/>';
    }
}
