<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Actions\Rounds\ProjectRound;
use App\Care\Readers\CareReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Round;
use App\Models\User;
use App\View\Words\Dates;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Round\Kit\KitList;
use GoodRinse\Core\Round\OpenEnds;
use GoodRinse\Core\Round\Projection\EntryProjector;
use GoodRinse\Core\Round\Projection\ProjectedEntry;
use GoodRinse\Core\Round\Remark;
use GoodRinse\Core\Round\Tick;
use PHPUnit\Framework\Assert;
use Tests\TestCase;

/** What must hold of every round, whatever its machine, its procedures and its ticks. */
final class RoundLaws
{
    /** The order of the steps, before anything is ticked. */
    public static function ofScript(Round $round, MachineKind $kind, string $told): void
    {
        $steps = $round->fittedProcedure()->steps;
        $place = [];
        foreach ($steps as $i => $step) {
            Assert::assertArrayNotHasKey($step->id, $place, "$told: equal steps once, $step->id");
            $place[$step->id] = $i;
            Assert::assertTrue(null === $step->waitsFor || isset($place[$step->waitsFor]), "$told: $step->id waits for what has begun");
        }
        self::looksBeforeItWipes($round, $steps, $told);
        self::coversComeOffFirst($round, $kind, $steps, $told);
        self::closesUp($steps, $kind, $round, $told);
        self::bailsFirst($round, $steps, $told);
        self::powersUp($round, $steps, $told);
    }

    /** @param list<Step> $steps */
    private static function looksBeforeItWipes(Round $round, array $steps, string $told): void
    {
        $raw = self::raw($round);
        $wiped = [];
        foreach ($steps as $step) {
            if ('found' === $step->capture?->means) {
                Assert::assertNotContains($step->part, $wiped, "$told: $step->id judges what an earlier step wiped");
            }
            $isWash = [] !== $step->amounts || null !== $step->clears;
            $wiped = [...$wiped, ...(array) ($raw[$step->id]['touches'] ?? []), ...($isWash ? [$step->part] : [])];
        }
    }

    /** @param list<Step> $steps */
    private static function coversComeOffFirst(Round $round, MachineKind $kind, array $steps, string $told): void
    {
        $own = array_filter(array_map(static fn ($way): ?array => $way->first, $round->machine->ownWays()));
        $offs = $backs = [];
        foreach ($steps as $i => $step) {
            $offs += null === $step->takesOff ? [] : [$step->takesOff => $i];
            $backs = null === $step->putsBack ? $backs : [$step->putsBack => $i] + $backs;
        }
        foreach (array_keys($offs) as $part) {
            foreach ($own[$part] ?? ($kind->hasPart($part) ? $kind->part($part)->coveredBy($round->machine->traits) : []) as $cover) {
                if (!$kind->hasPart($cover) || !$kind->part($cover)->when->holds($round->machine->traits)) {
                    continue;
                }
                Assert::assertArrayHasKey($cover, $offs, "$told: $cover lies over $part and comes off");
                Assert::assertLessThan($offs[$part], $offs[$cover], "$told: $cover comes off before $part");
                Assert::assertGreaterThan($backs[$part] ?? -1, $backs[$cover] ?? 0, "$told: $cover goes back after $part");
            }
        }
    }

    /** @param list<Step> $steps */
    private static function closesUp(array $steps, MachineKind $kind, Round $round, string $told): void
    {
        $tray = [];
        foreach ($steps as $step) {
            if (null !== $step->putsBack) {
                Assert::assertContains($step->putsBack, $tray, "$told: $step->id puts back what is off");
                $tray = array_values(array_diff($tray, [$step->putsBack]));
            }
            foreach ($step->runsTheMachine() ? $tray : [] as $part) {
                Assert::assertFalse($kind->hasPart($part) && $kind->part($part)->needed, "$told: $step->id runs the machine without $part");
            }
            array_push($tray, ...array_filter([$step->takesOff]));
        }
        Assert::assertSame([], $tray, "$told: everything goes back");
    }

    /** @param list<Step> $steps */
    private static function bailsFirst(Round $round, array $steps, string $told): void
    {
        $raw = self::raw($round);
        $inWell = false;
        foreach ($steps as $step) {
            Assert::assertFalse($inWell && isset($raw[$step->id]['bails']), "$told: the water is bailed before hands go into the well");
            $inWell = $inWell || isset($raw[$step->id]['inWell']);
        }
    }

    /** @param list<Step> $steps */
    private static function powersUp(Round $round, array $steps, string $told): void
    {
        $raw = self::raw($round);
        $isOff = false;
        $last = null;
        foreach ($steps as $step) {
            $isOff = isset($raw[$step->id]['power']) ? false : $isOff || in_array($step->id, ['power-off', 'unplug', 'breaker-off'], true);
            Assert::assertFalse($isOff && $step->runsTheMachine(), "$told: $step->id runs the machine without power");
            Assert::assertNull($last, "$told: nothing comes after $last");
            $last = $step->isLast ? $step->id : null;
        }
        Assert::assertFalse($isOff, "$told: the power is on again at the end");
    }

    /** @return array<string, array<array-key, mixed>> data of the steps, by id */
    private static function raw(Round $round): array
    {
        return array_column($round->script['kinds'][0]['steps'] ?? [], null, 'id');
    }

    /** The tray is what came off less what went back. */
    public static function ofTray(Round $round, string $told): void
    {
        $progress = $round->progress();
        $off = [];
        foreach ($progress->steps() as $step) {
            $isDone = $progress->isDone($step) && !$progress->isSkipped($step);
            if ($isDone && null !== $step->takesOff) {
                $off[$step->takesOff] = true;
            }
            if ($isDone && null !== $step->putsBack) {
                unset($off[$step->putsBack]);
            }
        }
        Assert::assertSame(array_keys($off), $progress->tray(), "$told: the tray");
        foreach ((new OpenEnds($progress))->now() as $end) {
            Assert::assertNotSame('', $end->what, "$told: an open end says what it is");
        }
    }

    /** What the logbook says of the round is what follows from its ticks, less what a person took back. */
    public static function ofEntries(Round $round, string $told): void
    {
        $before = Entry::query()->count();
        app(ProjectRound::class)->handle($round, User::query()->where('household_id', $round->household_id)->firstOrFail());
        Assert::assertSame($before, Entry::query()->count(), "$told: entries = projection of the ticks");
        $projected = array_map(
            static fn (ProjectedEntry $entry): ?string => $entry->payload instanceof Remark
                ? null
                : json_encode([$entry->payload->kind(), $entry->payload->toArray()], JSON_THROW_ON_ERROR),
            (new EntryProjector($round->handbook()))->project($round->progress()),
        );
        $openings = [];
        foreach (Entry::inForce($round->entries()->where('kind', '!=', 'voiding')->whereNotNull('step')->get()) as $entry) {
            $payload = $entry->decode();
            if ('note' !== $entry->kind->value) {
                Assert::assertContains(
                    json_encode([$payload->kind(), $payload->toArray()], JSON_THROW_ON_ERROR),
                    $projected,
                    "$told: nothing stale",
                );
            }
            if ($payload instanceof Opening) {
                Assert::assertArrayNotHasKey($payload->task, $openings, "$told: one opening of $payload->task");
                $openings[$payload->task] = true;
                Assert::assertLessThanOrEqual(
                    $payload->found->value ?? 1.0,
                    $payload->left->value,
                    "$told: nobody leaves more than was found",
                );
            }
        }
    }

    /** The kit names every tool and every agent that the round came to need, and at least as much. */
    public static function ofKit(Round $round, string $told): void
    {
        $kit = KitList::of($round->fittedProcedure(), []);
        $tools = $kit->tools();
        $most = array_column($kit->agents, null, 'id');
        $progress = $round->progress();
        $poured = [];
        foreach ($round->fittedProcedure()->steps as $step) {
            $tick = $progress->tick($step);
            if (Tick::DONE !== $tick?->how) {
                continue;
            }
            Assert::assertSame([], array_diff($step->tools, $tools), "$told: the kit has what $step->id needs");
            foreach ($step->amounts as $amount) {
                $unit = $amount->portion->unit;
                $poured["$amount->agent $unit->value"] = ($poured["$amount->agent $unit->value"] ?? 0.0) + $amount->portion->count;
                Assert::assertArrayHasKey($amount->agent, $most, "$told: the kit has $amount->agent");
                $there = array_sum(array_map(
                    static fn (Portion $portion): float => $portion->unit === $unit ? $portion->count : 0.0,
                    $most[$amount->agent]->most->all(),
                ));
                Assert::assertLessThanOrEqual(
                    $there + 1e-9,
                    $poured["$amount->agent $unit->value"],
                    "$told: the kit has enough $amount->agent",
                );
            }
        }
    }

    /** The dates at the round's end are those of Today, the machine and the rhythm: all read the same state. */
    public static function ofDates(Round $round, Household $home, TestCase $test, string $told): void
    {
        $care = app(CareReader::class)->machine($round->machine, $home);
        $page = (string) $test->get("/rounds/$round->id")->getContent();
        $today = Day::at(app(\Psr\Clock\ClockInterface::class)->now(), $home->zone());
        $next = null;
        foreach (Entry::inForce($round->entries()->where('kind', 'opening')->get()) as $entry) {
            $payload = $entry->decode();
            $task = $payload instanceof Opening ? $care->tasks[$payload->task] ?? null : null;
            $due = $task?->rhythm()->dueOn;
            $next = null === $due || (null !== $next && $next->number <= $due->number) ? $next : $due;
        }
        if (null !== $next && $next->isAfter($today)) {
            Assert::assertStringContainsString(Dates::longWeekday($next, $today), $page, "$told: the summary's date is the task's");
        }
    }
}
