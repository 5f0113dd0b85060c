<?php

declare(strict_types=1);

namespace Tests\Feature\Today;

use App\Care\Cache\SettledPastCache;
use App\Care\Measures\BrewReader;
use App\Care\Readers\CareReader;
use App\Care\Readers\DueList;
use App\Care\Readers\HistoryReader;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\MachineHistory;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\NullStore;
use Illuminate\Cache\Repository;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Fuzz\HouseholdLife;
use Tests\TestCase;

/**
 * Any two statements about the same thing agree: what Today, the kitchen, the machine, the rhythm, its why page, the
 * calendar and the mail say of each care task of seeded households, at any hour. GOODRINSE_HOMES asks for more of them.
 */
#[Group('long')]
final class OneTruthTest extends TestCase
{
    private const SHARES = 4;
    private const HOMES = 24;

    private Repository $kept;
    private int $used = 0;

    /** @return iterable<string, array{int}> */
    public static function shares(): iterable
    {
        for ($share = 0; $share < self::SHARES; ++$share) {
            yield "share $share" => [$share];
        }
    }

    #[DataProvider('shares')]
    public function test_every_page_says_the_same(int $share): void
    {
        $homes = (int) (getenv('GOODRINSE_HOMES') ?: self::HOMES);
        $first = (int) (getenv('GOODRINSE_SEED') ?: 1);
        for ($seed = $first + $share; $seed < $first + $homes; $seed += self::SHARES) {
            $life = new HouseholdLife($seed, $this->clock);
            $this->kept = new Repository(new ArrayStore(true));
            for ($i = $life->number(12, 30); $i > 0; --$i) {
                $stories = $this->stories($life);
                $life->goOn();
                $this->assertSameStories($stories, $life);
                $this->assertKeptIsWhole($life);
            }
            $this->assertOneTruth($life);
            $this->clock->move(sprintf('+%d minutes', $life->number(1, 900)));
            $this->assertOneTruth($life);
        }
        self::assertGreaterThan(20, $this->used, 'old openings were kept often enough to tell');
    }

    /**
     * @return array<string, array<string, array<string, string>>> attributes by what they tell of, by page
     */
    private function facts(HouseholdLife $life): array
    {
        $pages = ['/', '/kitchen'];
        foreach ($life->machines as $machine) {
            array_push($pages, "/machines/$machine->id", "/rhythm?machine=$machine->id");
            foreach (array_keys(app(CareReader::class)->machine($machine->refresh(), $life->home)->tasks) as $task) {
                array_push($pages, "/machines/$machine->id?task=$task", "/machines/$machine->id/rhythm/$task");
            }
        }
        $facts = [];
        foreach ($pages as $page) {
            $html = (string) $this->actingAs($life->person)->get($page)->assertOk()->getContent();
            preg_match_all('/data-care="([^"]+)"([^>]*)/', $html, $found, PREG_SET_ORDER);
            foreach ($found as [, $care, $more]) {
                preg_match_all('/data-([a-z]+)="([^"]*)"/', $more, $values);
                $facts[$care][$page] = array_combine($values[1], $values[2]);
            }
        }

        return $facts;
    }

    private function assertOneTruth(HouseholdLife $life): void
    {
        $facts = $this->facts($life);
        $today = (string) $life->today();
        foreach ($facts as $care => $pages) {
            $one = $pages[array_key_first($pages)];
            foreach ($pages as $page => $there) {
                self::assertSame($one, $there, "$life->told: $care on $page and ".array_key_first($pages));
            }
            self::assertGreaterThan(1, count($pages), "$life->told: $care");
            $due = in_array($one['state'], ['due', 'overdue'], true);
            self::assertSame(
                $due,
                '' !== $one['due'] && $one['due'] <= $today,
                "$life->told: $care is {$one['state']} and due on {$one['due']}, today is $today",
            );
            if ('' !== $one['window']) {
                [$from, $to] = explode('/', $one['window']);
                self::assertTrue(
                    $from <= $one['due'] && $one['due'] <= $to,
                    "$life->told: $care due on {$one['due']} between $from and $to",
                );
            }
            self::assertTrue('' === $one['due'] || $one['remind'] >= $one['due'], "$life->told: $care");
        }
        $this->assertCalendar($life, $facts, $today);
        $this->assertMail($life, $facts);
    }

    /** @param array<string, array<string, array<string, string>>> $facts */
    private function assertCalendar(HouseholdLife $life, array $facts, string $today): void
    {
        $link = $this->actingAs($life->person)->post('/feeds')->getSession()->get('feed');
        $calendar = Reader::read((string) $this->get((string) parse_url((string) $link, PHP_URL_PATH))->assertOk()->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        $listed = [];
        foreach ($calendar->select('VTODO') as $todo) {
            [$machine, $task] = explode('-', explode('@', (string) $todo->UID)[0], 2);
            $listed["$machine $task"] = substr_replace(substr_replace((string) $todo->DUE, '-', 6, 0), '-', 4, 0);
        }
        foreach ($facts as $care => $pages) {
            $one = $pages[array_key_first($pages)];
            $asked = '' === $one['remind'] ? null : max($one['remind'], $today);
            self::assertSame($asked, $listed[mb_strtolower($care)] ?? null, "$life->told: $care in the calendar");
        }
        self::assertCount(
            count(array_filter($facts, static fn (array $pages): bool => '' !== $pages[array_key_first($pages)]['remind'])),
            $listed,
            $life->told,
        );
    }

    /** @param array<string, array<string, array<string, string>>> $facts */
    private function assertMail(HouseholdLife $life, array $facts): void
    {
        $list = DueList::of($life->home, app(CareReader::class)->household($life->home), $life->today());
        $due = array_keys(
            array_filter(
                $facts,
                static fn (array $pages): bool => in_array($pages[array_key_first($pages)]['state'], ['due', 'overdue'], true)
                    && $pages[array_key_first($pages)]['remind'] <= (string) $life->today(),
            ),
        );
        self::assertEqualsCanonicalizing($due, $list->keys(), "$life->told: in the mail");
    }

    /** @return array<string, string> what was found and how much it was used, by opening */
    private function stories(HouseholdLife $life): array
    {
        $stories = [];
        foreach ($life->machines as $machine) {
            foreach ($this->history($machine, $life)->tasks as $task => $history) {
                foreach ($history->openings as $opening) {
                    $stories["$machine->id $task $opening->entry"] = "$opening->day ".round($opening->uses, 6)." $opening->days";
                }
            }
        }

        return $stories;
    }

    /** What is kept of old openings comes out as the whole history does, to the last digit. */
    private function assertKeptIsWhole(HouseholdLife $life): void
    {
        $handbook = app(Handbook::class);
        foreach ($life->machines as $machine) {
            $this->used += null === (new SettledPastCache($handbook, $this->kept, 12, 4))->of(
                $machine->refresh(),
                $life->home->zone(),
                $this->clock->now(),
            )
                ? 0
                : 1;
            $read = fn (SettledPastCache $frozen): MachineHistory => (
                new HistoryReader($handbook, $frozen, app(BrewReader::class))
            )->read(
                $machine->refresh(),
                $life->home->zone(),
                $this->clock->now(),
            )[0];
            self::assertEquals(
                $read(new SettledPastCache($handbook, new Repository(new NullStore()))),
                $read(new SettledPastCache($handbook, $this->kept, 12, 4)),
                $life->told,
            );
        }
    }

    private function history(Machine $machine, HouseholdLife $life): MachineHistory
    {
        return app(HistoryReader::class)->read($machine->refresh(), $life->home->zone(), $this->clock->now())[0];
    }

    /**
     * What happens later changes nothing of what was before, unless it tells of it.
     *
     * @param array<string, string> $before
     */
    private function assertSameStories(array $before, HouseholdLife $life): void
    {
        if (1 === preg_match('/, (opening|snooze|symptom|light) on/', $life->told)) {
            $after = $this->stories($life);
            self::assertSame($before, array_intersect_key($after, $before), $life->told);
        }
    }
}
