<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Dates;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Snooze;

/**
 * A reminder was put off.
 *
 * @implements EntryPresenter<Snooze>
 */
final readonly class SnoozeEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Snooze::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text('snooze', [
            'task' => $this->names->task($about->machine, $payload->task),
            'until' => Dates::day($payload->until),
            'reason' => $payload->reason,
        ]);
    }

    public static function sign(): string
    {
        return '<circle class="ink-line" cx="15" cy="15" r="10.5"/> <path class="rim-line" d="M15 9 V15 L19 18"/>';
    }
}
