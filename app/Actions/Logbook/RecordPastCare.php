<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Exchange\PastCareLine;
use App\Models\Entry;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Fraction;
use Psr\Clock\ClockInterface;

/** Writes a household's own table of past care into its logbook: all of it or nothing. */
final readonly class RecordPastCare
{
    public function __construct(private WriteEntries $write, private ClockInterface $clock)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param list<PastCareLine> $lines
     */
    public function handle(User $by, string $id, array $lines): int
    {
        $drafts = [];
        foreach ($lines as $line) {
            $drafts[] = new EntryDraft(
                new Opening(
                    $line->task->id,
                    $line->found?->fraction,
                    Fraction::none(),
                    null === $line->found ? Opening::AS_TOLD : Opening::BY_GRADE,
                ),
                DayOrder::moment($line->day, $this->clock->now(), $by->home()->zone()),
                Entry::BY_HAND,
                $line->task->machine,
                $line->task->task()->part,
                id: DerivedUlid::of($id, "line $line->number"),
            );
        }
        $this->write->handle($by->home(), $by, $drafts);

        return count($drafts);
    }
}
