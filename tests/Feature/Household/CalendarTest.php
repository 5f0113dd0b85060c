<?php

declare(strict_types=1);

namespace Tests\Feature\Household;

use App\Models\Household;
use App\Models\Machine;
use Illuminate\Support\Facades\Process;
use Tests\TestCase;

/** What a household's calendar has, and how other programs take it. */
final class CalendarTest extends TestCase
{
    use ReadsFeed;

    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $user = $this->member(Household::factory()->create(['timezone' => 'Europe/Stockholm'])->refresh());
        $this->machine = $this->machineOf($user, ['name' => 'Galley', 'schools' => ['filter' => 'monthly']]);
        $this->actingAs($user);
        $this->post("/machines/{$this->machine->id}/openings", [
            'id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-05-01', 'found' => 'patchy', 'left' => 'clear',
        ])->assertSessionHasNoErrors();
    }

    public function test_a_household_has_days_to_dos_or_both_and_each_is_reminded_of_once(): void
    {
        $address = $this->feed();
        $wanted = [Household::EVENTS => ['VEVENT'], Household::TODOS => ['VTODO'], Household::BOTH => ['VEVENT', 'VTODO']];
        foreach ($wanted as $kind => $names) {
            $this->put('/reminders', [
                'digest_hour' => 8, 'quiet_from' => 21, 'quiet_to' => 7, 'calendar_kind' => $kind,
            ])->assertSessionHasNoErrors();
            $calendar = $this->calendar($address);
            $found = $alarms = [];
            foreach ($calendar->getComponents() as $component) {
                $found[$component->name] = true;
                $job = str_replace('-day@', '@', (string) $component->__get('UID'));
                $alarms[$job] = ($alarms[$job] ?? 0) + count($component->select('VALARM'));
            }
            self::assertSame($names, self::sorted(array_keys($found)));
            self::assertSame([1], array_values(array_unique($alarms)));
        }
        $this->put('/reminders', ['digest_hour' => 8, 'quiet_from' => 21, 'quiet_to' => 7, 'calendar_kind' => 'none'])
            ->assertSessionHasErrors('calendar_kind');
    }

    public function test_what_has_moved_has_a_higher_number_and_another_reader_reads_the_same(): void
    {
        $address = $this->feed();
        $first = (string) $this->get($address)->getContent();
        $this->clock->move('+1 hour');
        $this->post("/machines/{$this->machine->id}/openings", [
            'id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-14', 'found' => 'clear', 'left' => 'clear',
        ])->assertSessionHasNoErrors();
        $uid = mb_strtolower($this->machine->id).'-filter-day@good-rinse';
        [$before, $after] = [self::readElsewhere($first), self::readElsewhere((string) $this->get($address)->getContent())];
        self::assertGreaterThan($before[$uid]['sequence'], $after[$uid]['sequence']);
        self::assertGreaterThan($before[$uid]['modified'], $after[$uid]['modified']);
        $again = self::readElsewhere((string) $this->get($address)->getContent());
        self::assertSame($after, $again, 'what has not moved stays as it was');
        $days = [];
        foreach (self::days($this->calendar($address)) as $id => [, $day]) {
            $days[$id] = $day;
        }
        self::assertSame($days, array_map(static fn (array $each): string => $each['day'], $after));
    }

    /** @return array<string, array{day: string, sequence: int, modified: string}> by UID, as another library reads it */
    private static function readElsewhere(string $calendar): array
    {
        $node = Process::path(base_path())->input($calendar)->run(['node', 'tests/Script/read-calendar.mjs']);
        self::assertTrue($node->successful(), $node->errorOutput());
        /** @var array<string, array{day: string, sequence: int, modified: string}> $read */
        $read = json_decode($node->output(), true, 512, JSON_THROW_ON_ERROR);

        return $read;
    }
}
