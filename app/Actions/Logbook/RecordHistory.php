<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use App\Support\DerivedUlid;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use Psr\Clock\ClockInterface;

/** Writes down what was before anybody looked after a machine here: when parts were new, or cleaned last. */
final readonly class RecordHistory
{
    public function __construct(private Handbook $handbook, private WriteEntries $write, private ClockInterface $clock)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param Day|null $newOn day on which everything in it was new and clean
     * @param Day|null $cleanedOn day on which some of it was cleaned
     * @param list<string> $cleaned care tasks that were done on that day
     *
     * @throws ActionRefused when a day lies in the future
     */
    public function handle(Machine $machine, User $by, string $id, ?Day $newOn, ?Day $cleanedOn, array $cleaned): void
    {
        $tasks = $machine->kindIn($this->handbook)->tasksFor($machine->traits);
        $openings = [];
        foreach ($tasks as $task) {
            if (null !== $newOn) {
                $openings[] = [$task, $newOn, Opening::AS_NEW];
            }
            if (null !== $cleanedOn && in_array($task->id, $cleaned, true)) {
                $openings[] = [$task, $cleanedOn, Opening::AS_TOLD];
            }
        }
        [$now, $zone] = [$this->clock->now(), $by->home()->zone()];
        $drafts = [];
        foreach ($openings as [$task, $day, $how]) {
            if ($day->isAfter(Day::at($now, $zone))) {
                throw ActionRefused::inTheFuture();
            }
            $drafts[] = new EntryDraft(
                new Opening($task->id, null, Fraction::none(), $how),
                DayOrder::moment($day, $now, $zone),
                Entry::BY_HAND,
                $machine,
                $task->part,
                id: DerivedUlid::of($id, "$how $task->id"),
            );
        }
        $this->write->handle($by->home(), $by, $drafts);
    }
}
