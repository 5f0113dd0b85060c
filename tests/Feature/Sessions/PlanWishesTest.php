<?php

declare(strict_types=1);

namespace Tests\Feature\Sessions;

use App\View\Pages\Plan\PlanLine;
use App\View\Pages\Plan\PlanPage;
use App\View\Pages\Plan\PlanQuery;

/** Hours that are set, and hours that are quiet. */
final class PlanWishesTest extends SessionCase
{
    public function test_an_hour_that_was_set_holds_and_one_that_cannot_be_is_said(): void
    {
        $job = "{$this->machines['hood']->id}:wash-filters";
        $block = "{$this->machines['hood']->id}/kit";
        $this->get('/plan?'.http_build_query(['jobs' => [$job], 'at' => '12:00', 'set' => [$block => '12:30']]))
            ->assertOk()->assertSee('value="12:30"', false)->assertSee(__('plan.is_set'));
        $later = "{$this->machines['hood']->id}/filters-soak";
        $both = http_build_query(['jobs' => [$job], 'at' => '12:00', 'set' => [$block => '12:30', $later => '12:05']]);
        $this->get("/plan?$both")->assertOk()->assertSee('role="alert"', false);
        $this->get('/plan?at=12:00&set[x]=99:99&set[]=1&by[y]=7&people=9&minutes=-3')->assertOk()
            ->assertSee(__('plan.minutes_wrong', ['most' => '1440']));
        $this->get('/plan?'.http_build_query(['jobs' => [$job], 'at' => '12:00', 'minutes' => '0']))->assertOk()
            ->assertSee(__('plan.head_nothing_fits', ['ready' => '12:00']));
    }

    public function test_machines_that_are_quiet_at_night_run_before_it_or_after(): void
    {
        $query = new PlanQuery(["{$this->machines['dishwasher']->id}:acid-wash"], '20:00');
        $cycle = function () use ($query): PlanLine {
            $lines = app(PlanPage::class)->for($this->user->home()->refresh(), $query, $this->user)->lines;

            return array_values(array_filter($lines, static fn (PlanLine $line): bool => null === $line->number && $line->minutes > 60))[0];
        };
        self::assertLessThan('21:00', $cycle()->from);
        self::assertGreaterThan('21:00', $cycle()->until);
        $this->put('/reminders', ['wanted' => '1', 'digest_hour' => '8', 'quiet_from' => '21', 'quiet_to' => '7', 'quiet_machines' => '1'])
            ->assertSessionHasNoErrors();
        self::assertSame('07:00', $cycle()->from, 'it waits for the morning');
    }
}
