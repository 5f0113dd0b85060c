<?php

declare(strict_types=1);

namespace App\View\Pages\Sessions;

use App\Care\Sessions\RunningSession;
use App\Care\Sessions\SessionScheduler;
use App\View\Pages\Plan\PlanLine;
use GoodRinse\Core\Round\Tick;

/** What has been done of a session, as pieces of its drawing: each step as long as it is thought to take, up to its tick. */
final readonly class DonePieces
{
    /** Minutes before now that the drawing goes back at most. */
    public const MOST = 240.0;

    public function __construct(private RunningSession $running)
    {
    }

    /** Minutes before now at which the drawing begins. */
    public function span(): float
    {
        $first = INF;
        foreach ($this->ticks() as [, $tick, $minutes]) {
            $first = min($first, -$this->ago($tick) - $minutes);
        }

        return min(self::MOST, max(0.0, -$first));
    }

    /** @return list<PlanLine> with minutes counted from now */
    public function lines(): array
    {
        $lines = [];
        $span = $this->span();
        $hands = SessionScheduler::hands(max(1, count($this->running->names)));
        foreach ($this->ticks() as [$machine, $tick, $minutes, $short]) {
            $end = -$this->ago($tick);
            $start = max(-$span, $end - $minutes);
            if ($end > -$span) {
                $hand = (int) array_search($tick->by, $this->running->session->people, true);
                $lines[] = new PlanLine(
                    $tick->id,
                    null,
                    $start,
                    $end - $start,
                    '',
                    '',
                    $this->running->rounds[$machine]->machine->name,
                    $short,
                    [$hands[$hand] ?? $hands[0]],
                    isDone: true,
                );
            }
        }

        return $lines;
    }

    /** @return iterable<array{string, Tick, float, string}> machine, tick, minutes of hands and name of the step */
    private function ticks(): iterable
    {
        foreach ($this->running->progress as $machine => $progress) {
            foreach ($progress->steps() as $step) {
                $tick = $progress->tick($step);
                if (null !== $tick && Tick::DONE === $tick->how && $this->ago($tick) < self::MOST) {
                    yield [$machine, $tick, $step->hands->value, $step->short];
                }
            }
        }
    }

    private function ago(Tick $tick): float
    {
        return ($this->running->now->getTimestamp() - $tick->at->getTimestamp()) / 60;
    }
}
