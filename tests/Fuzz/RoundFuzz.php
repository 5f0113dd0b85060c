<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Simulation\Dice;
use Illuminate\Support\Str;
use Tests\HandClock;
use Tests\TestCase;

/** Walks one random round over HTTP and checks what must hold of every round. */
final class RoundFuzz
{
    use RandomMachine;

    private const TURNS = 160;

    public int $steps = 0;
    private Dice $dice;
    private string $told = '';

    public function __construct(private readonly TestCase $test, private readonly HandClock $clock)
    {
    }

    public function round(int $seed): void
    {
        $this->dice = new Dice($seed);
        $user = User::factory()->create()->refresh();
        $home = $user->home();
        $home->update([
            'harsh_chemicals' => $this->chance(0.7),
            'hardness' => $this->chance(0.5) ? $this->dice->between(1, 30) : null,
            'hardness_unit' => 'dH',
        ]);
        $machine = $this->machine($user);
        $kind = $machine->kindIn(app(Handbook::class));
        $picked = $this->picked($kind, $machine);
        $this->told = "seed $seed, $machine->kind ".json_encode($machine->traits).' '.implode(', ', $picked);
        $this->test->actingAs($user)->get("/machines/$machine->id/rounds/new?".http_build_query(['procedures' => $picked]))->assertOk();
        $answer = $this->test->post("/machines/$machine->id/rounds", ['procedures' => $picked])->assertRedirect();
        $round = Round::query()->with('machine')->where('machine_id', $machine->id)->latest('id')->first();
        if (null === $round) {
            $answer->assertSessionHasErrors(); // refused, in words
            $this->test->get('/')->assertOk();

            return;
        }
        RoundLaws::ofScript($round, $kind, $this->told);
        $this->walk($round, $user, $home);
        $this->end($round, $user, $home);
    }

    private function walk(Round $round, User $user, Household $home): void
    {
        $late = [];
        $hasStopped = $this->chance(0.15) ? $this->dice->between(1, 12) : self::TURNS;
        for ($turn = 0; $turn < $hasStopped; ++$turn) {
            $progress = $this->fresh($round)->progress();
            $step = $progress->current();
            if (null === $step) {
                break;
            }
            if (0 === $turn % 4) {
                $this->test->get("/rounds/$round->id")->assertOk();
            }
            if ($this->chance(0.06)) {
                $this->test->get("/rounds/$round->id?step=".$this->some($progress)->id)->assertOk();
                $step = $this->some($progress);
            }
            $tick = $this->tick($step, $progress);
            if ($this->chance(0.08)) {
                $late[] = ['at' => $this->clock->now()->getTimestamp(), 'step' => $step->id] + $tick; // cut off: it is sent later
                $this->move();
                if (count($late) < 3) {
                    continue;
                }
            }
            if (count($late) >= 3 || (count($late) > 0 && $this->chance(0.3))) {
                $this->sendLate($round, $late);
                $late = [];
            }
            $this->send($round, ['step' => $step->id] + $tick);
            ++$this->steps;
            $this->move();
            if ($this->chance(0.05)) {
                $this->undo($round, $home);
            }
            if (0 === $turn % 7) {
                RoundLaws::ofEntries($this->fresh($round), $this->told);
            }
        }
        $this->sendLate($round, $late);
        RoundLaws::ofTray($this->fresh($round), $this->told);
        RoundLaws::ofEntries($this->fresh($round), $this->told);
        RoundLaws::ofKit($this->fresh($round), $this->told);
    }

    /** @return array<string, mixed> what is sent for a step */
    private function tick(Step $step, Progress $progress): array
    {
        $sent = ['id' => (string) Str::ulid(), 'ended' => '1', 'knows' => '1'];
        if (!$step->gate && !$step->kit && $this->chance(0.07)) {
            return $sent + ['how' => Tick::SKIPPED];
        }
        if ([] !== $step->amounts) {
            $sent += ['happened' => '1', 'share' => ['0', '0.5', '1', '1', '1'][$this->dice->between(0, 4)]];
        }
        if ([] !== ($step->timer->choices ?? []) && $this->chance(0.4)) {
            $choices = $step->timer->choices ?? [];
            $sent += ['wait' => (string) $choices[$this->dice->between(0, count($choices) - 1)]];
        }
        if (null !== $step->capture) {
            $sent += $this->answer($step->capture, $progress->failures($step));
        }

        return $sent;
    }

    /** @return array<string, string> */
    private function answer(Capture $capture, int $failures): array
    {
        if (CaptureKind::Tally === $capture->kind) {
            return ['answer' => (string) $this->dice->between(1, 9)];
        }
        if (CaptureKind::Confirm === $capture->kind) {
            $fails = 0 === $failures && $this->chance(0.25);

            return $fails
                ? ['answer' => $capture->options[1]->id] + ($this->chance(0.4) ? ['overruled' => '1'] : [])
                : ['answer' => $capture->options[0]->id];
        }
        $answer = ['answer' => $capture->options[$this->dice->between(0, count($capture->options) - 1)]->id];

        return null === $capture->also || $this->chance(0.3)
            ? $answer
            : $answer + ['also' => $capture->also->options[$this->dice->between(0, count($capture->also->options) - 1)]->id];
    }

    private function some(Progress $progress): Step
    {
        $steps = array_values(array_filter($progress->steps(), static fn (Step $step): bool => null !== $progress->tick($step)));

        return [] === $steps ? $progress->steps()[0] : $steps[$this->dice->between(0, count($steps) - 1)];
    }

    /** @param list<array<string, mixed>> $late sent again once the network is back, in any order */
    private function sendLate(Round $round, array $late): void
    {
        for (; [] !== $late; array_splice($late, $i, 1)) {
            $i = $this->dice->between(0, count($late) - 1);
            $at = $late[$i]['at'];
            $this->send($round, array_diff_key($late[$i], ['at' => 0]) + [
                'ago' => (string) ($this->clock->now()->getTimestamp() - (is_int($at) ? $at : 0)),
            ]);
        }
    }

    /** @param array<string, mixed> $sent */
    private function send(Round $round, array $sent): void
    {
        $answer = $this->test->postJson("/rounds/$round->id/ticks", $sent);
        TestCase::assertContains($answer->status(), [200, 422], "$this->told: ".json_encode($sent).' → '.$answer->getContent());
        if ($this->chance(0.1)) {
            TestCase::assertLessThan(500, $this->test->postJson("/rounds/$round->id/ticks", $sent)->status(), "$this->told: sent twice");
        }
    }

    private function undo(Round $round, Household $home): void
    {
        $entries = Entry::inForce($round->entries()->where('kind', '!=', 'voiding')->orderBy('seq')->get());
        if ($entries->isNotEmpty()) {
            $this->test->post('/entries/'.$entries[$this->dice->between(0, $entries->count() - 1)]?->id.'/void')->assertRedirect();
        }
    }

    private function end(Round $round, User $user, Household $home): void
    {
        $this->test->get("/rounds/$round->id")->assertOk();
        $this->test->get('/')->assertOk();
        $this->test->get("/rounds/$round->id/ahead")->assertOk();
        $isThrough = null === $this->fresh($round)->progress()->current();
        $this->test->post("/rounds/$round->id/end", ['how' => $isThrough ? 'finished' : 'stopped', 'knows' => '1'])
            ->assertSessionHasNoErrors();
        TestCase::assertNotNull($this->fresh($round)->ended_at, "$this->told: it can always be ended");
        foreach (["/rounds/$round->id", "/rounds/$round->id/record", '/', "/machines/$round->machine_id", '/rhythm'] as $page) {
            $this->test->get($page)->assertOk();
        }
        RoundLaws::ofDates($this->fresh($round), $home, $this->test, $this->told);
    }

    private function fresh(Round $round): Round
    {
        return Round::query()->with('machine')->findOrFail($round->id);
    }

    private function move(): void
    {
        $this->clock->move(sprintf('+%d seconds', $this->dice->between(1, 900)));
    }

    private function chance(float $share): bool
    {
        return $this->dice->uniform() < $share;
    }
}
