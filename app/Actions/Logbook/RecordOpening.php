<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use Psr\Clock\ClockInterface;

/** Writes down an opening that happened without a round. */
final readonly class RecordOpening
{
    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param string|null $found grade it came out with; null for a job with nothing to grade
     * @param string|null $left grade it went back with
     * @param float|null $measured % that was shut, where it was measured or counted instead of compared
     *
     * @throws ActionRefused when the day lies in the future
     * @throws UnknownEntry for a task or grade that does not exist
     */
    public function handle(
        Machine $machine,
        User $by,
        string $id,
        string $taskId,
        Day $on,
        ?string $found,
        ?string $left,
        ?float $measured = null,
    ): void {
        $task = $machine->kindIn($this->handbook)->task($taskId);
        $zone = $by->home()->zone();
        if ($on->isAfter(Day::at($this->clock->now(), $zone))) {
            throw ActionRefused::inTheFuture();
        }
        $opening = match (true) {
            null === $left || (null === $found && null === $measured) => new Opening($task->id, null, Fraction::none(), Opening::DONE),
            null !== $measured => self::measured(
                $task->id,
                Fraction::of($measured / 100),
                $this->handbook->scales()->grade($left)->fraction,
            ),
            default => new Opening(
                $task->id,
                $this->handbook->scales()->grade((string) $found)->fraction,
                $this->handbook->scales()->grade($left)->fraction,
            ),
        };
        $at = DayOrder::moment($on, $this->clock->now(), $zone);
        $this->write->handle($by->home(), $by, [new EntryDraft($opening, $at, Entry::BY_HAND, $machine, $task->part, id: $id)]);
    }

    /** What went back cannot be fouler than what came out. */
    private static function measured(string $task, Fraction $found, Fraction $left): Opening
    {
        return new Opening($task, $found, $left->value > $found->value ? $found : $left, Opening::MEASURED);
    }
}
