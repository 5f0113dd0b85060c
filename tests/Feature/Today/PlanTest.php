<?php

declare(strict_types=1);

namespace Tests\Feature\Today;

use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use App\View\Pages\Plan\PlanChoice;
use App\View\Pages\Plan\PlanData;
use App\View\Pages\Plan\PlanLine;
use App\View\Pages\Plan\PlanPage;
use App\View\Pages\Plan\PlanQuery;
use App\View\Pages\Today\BatchLine;
use App\View\Pages\Today\TodayPage;
use Tests\TestCase;

/** One session over several machines: in its order, in each other's waits, and of this household only. */
final class PlanTest extends TestCase
{
    private User $user;
    private Machine $dishwasher;
    private Machine $hood;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(Household::factory()->create(['timezone' => 'Europe/Stockholm'])->refresh());
        $this->dishwasher = $this->machineOf($this->user, ['name' => 'Galley', 'traits' => ['filter' => 'twist-out']]);
        $plain = ['traits' => [], 'habits' => [], 'schools' => []];
        $this->hood = $this->machineOf($this->user, ['kind' => 'hood', 'name' => 'Updraft'] + $plain);
        $this->actingAs($this->user);
    }

    /** @param list<string>|null $jobs */
    private function plan(?array $jobs, ?string $at = '12:00', ?string $ready = null): PlanData
    {
        return app(PlanPage::class)->for($this->user->home(), new PlanQuery($jobs, $at, $ready), $this->user);
    }

    public function test_one_machine_alone_is_done_when_today_says_it_is(): void
    {
        $task = app(CareReader::class)->machine($this->dishwasher, $this->user->home())->tasks['filter'];
        $data = $this->plan(["{$this->dishwasher->id}:{$task->fullest()}"]);

        $seconds = (int) ceil($task->estimate()->all->value * 60);
        $done = (new \DateTimeImmutable('2026-06-15 12:00'))->modify("+$seconds seconds");
        self::assertStringContainsString($done->format('H:i'), $data->head);
        self::assertSame([__('plan.proved')], $data->sentences);
    }

    public function test_two_machines_are_done_in_each_others_waits_and_never_with_four_hands(): void
    {
        $data = $this->plan(["{$this->dishwasher->id}:filter-clean", "{$this->hood->id}:wash-filters"]);

        self::assertCount(2, $data->sentences, 'it cannot be shorter, and saves time');
        preg_match_all('/\d\d:\d\d/', $data->head, $hours);
        preg_match('/(\d\d:\d\d)\D+(\d+)/', $data->sentences[1], $saved);
        $until = (new \DateTimeImmutable(max($hours[0])))->modify("+$saved[2] minutes");
        self::assertSame($saved[1], $until->format('H:i'), 'the minutes saved are those between the hours said');
        $hands = array_values(array_filter($data->lines, static fn (PlanLine $line): bool => null !== $line->number));
        self::assertSame(range(1, count($hands)), array_map(static fn (PlanLine $line): ?int => $line->number, $hands));
        foreach (array_slice($hands, 1) as $i => $line) {
            self::assertGreaterThanOrEqual($hands[$i]->start + $hands[$i]->minutes - 1e-6, $line->start);
        }
        $machines = array_map(static fn (PlanLine $line): string => $line->machine, $hands);
        self::assertGreaterThan(1, count(array_filter(
            array_slice($machines, 1),
            static fn (string $name, int $i): bool => $machines[$i] !== $name,
            ARRAY_FILTER_USE_BOTH,
        )), 'it goes back and forth');
        self::assertSame($hands[0]->machine, $data->starts[0][0]->name, 'the first round to begin is the first');
    }

    public function test_what_fits_before_an_hour_goes_in_and_the_rest_is_named(): void
    {
        $jobs = ["{$this->dishwasher->id}:filter-clean", "{$this->hood->id}:wash-filters"];
        $whole = $this->plan($jobs);
        $end = max(array_map(static fn (PlanLine $line): string => $line->until, $whole->lines));

        $inTime = $this->plan($jobs, '12:00', '23:00');
        self::assertSame($whole->head, $inTime->head);
        self::assertCount(3, $inTime->sentences, 'when to begin at the latest, and the two that always stand there');

        $tight = $this->plan($jobs, '12:00', $end);
        self::assertCount(2, $tight->starts, 'to the minute is in time');
        $short = $this->plan($jobs, '12:00', (new \DateTimeImmutable($end))->modify('-3 minutes')->format('H:i'));
        self::assertCount(1, $short->starts);
        $left = array_filter(array_merge(...array_values($short->choices)), static fn (PlanChoice $choice): bool => $choice->isLeft);
        self::assertCount(1, $left);
        self::assertTrue(reset($left)->isPicked, 'it stays picked');
        self::assertStringContainsString($end, implode(' ', $short->sentences), 'all of it would take until then');

        $none = $this->plan($jobs, '12:00', '12:02');
        self::assertSame([[], [], null], [$none->lines, $none->starts, $none->lanes]);
        self::assertSame(__('plan.head_nothing_fits', ['ready' => '12:02']), $none->head);

        $tomorrow = $this->plan($jobs, '12:00', '11:59');
        self::assertStringContainsString(__('plan.next_day', ['time' => '11:59']), implode(' ', $tomorrow->sentences));
        self::assertSame($whole->head, $this->plan($jobs, '12:00', 'soon')->head);
        $this->get(route('plan', ['at' => '12:00', 'ready' => '12:02', 'jobs' => $jobs]))->assertOk()->assertSee('12:02');
        $this->get('/plan?at=12:00&ready[]=1')->assertOk();
    }

    public function test_the_page_shows_what_is_due_and_takes_what_is_picked(): void
    {
        $this->get(route('plan'))->assertOk()->assertSee('Galley')->assertSee('Updraft');
        $this->get(route('plan', ['at' => '18:30', 'jobs' => ["{$this->hood->id}:wash-filters"]]))->assertOk()
            ->assertSee('18:30')->assertSee("{$this->hood->id}/kit", false)->assertDontSee("{$this->dishwasher->id}/kit", false);
        $this->get(route('plan', ['at' => '']))->assertOk()->assertSee(__('plan.head_none'));
        $this->get('/plan?at[]=1&jobs=x')->assertOk();
        $this->get('/plan?at=25:99&jobs[]=a:b&jobs[][x]=1')->assertOk()->assertSee(__('plan.head_none'));
    }

    public function test_today_says_the_same_end_as_the_plan_and_not_the_sum(): void
    {
        foreach ([[$this->dishwasher, 'filter'], [$this->hood, 'filters']] as [$machine, $task]) {
            $this->post("/machines/$machine->id/openings", [
                'id' => $this->ulid(),
                'task' => $task,
                'on' => $this->clock->now()->modify('-300 days')->format('Y-m-d'),
                'found' => 'clear',
                'left' => 'clear',
            ])->assertRedirect();
        }
        $plan = $this->plan(null, null);
        self::assertCount(2, $plan->starts);
        $today = app(TodayPage::class)->for($this->user->home());
        $apart = array_sum(array_map(static fn (BatchLine $batch): float => $batch->estimate->all->value, $today->batches));
        self::assertLessThan($apart * 60, $today->seconds);
        preg_match_all('/\d\d:\d\d/', $plan->head, $times);
        $this->get('/')->assertSee("value=\"{$this->hood->id}:wash-filters\"", false)->assertSee(__('plan.begin_all'));
        $html = (string) $this->get('/')->assertOk()->assertSee(route('plan'))->getContent();
        foreach ($times[0] as $time) {
            self::assertStringContainsString(">$time</time>", $html);
        }
    }

    public function test_another_households_machine_does_not_come_in(): void
    {
        $other = $this->machineOf($this->member(), ['name' => 'Elsewhere']);

        $this->get(route('plan', ['jobs' => ["$other->id:filter-clean"]]))->assertOk()->assertDontSee('Elsewhere')
            ->assertSee(__('plan.head_none'));
    }
}
