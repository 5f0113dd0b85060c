<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

use App\Care\Sessions\PlannedSession;
use App\Support\Scalar;
use App\View\Words\Uses;

/** Says when a session is done, how good it is, and what there is no time for. */
final readonly class PlanWords
{
    public function __construct(private PlannedSession $session, private PlanTimes $times)
    {
    }

    public function head(): string
    {
        if ([] === $this->session->fitted->blocks) {
            return [] === $this->session->left ? self::text('head_none') : self::text('head_nothing_fits', ['ready' => $this->ready()]);
        }
        $schedule = $this->session->fitted->schedule;
        $times = ['hands' => $this->times->clock($schedule->handsFree), 'all' => $this->times->clock($schedule->finish)];

        return self::text($times['hands'] === $times['all'] ? 'head_together' : 'head', $times);
    }

    /** @return list<string> */
    public function sentences(): array
    {
        return array_values(array_filter([...([] === $this->session->fitted->blocks ? [] : $this->howGood()), ...$this->onTime()]));
    }

    /** @return list<string|null> */
    private function howGood(): array
    {
        $schedule = $this->session->fitted->schedule;
        $saved = PlanTimes::between($schedule->finish, $this->session->apart);
        $within = (int) ceil(100 * ($schedule->finish / max($schedule->lowerBound, 1e-9) - 1));

        return [
            $schedule->proved ? self::text('proved') : self::text('within', ['percent' => (string) $within]),
            $saved >= 1 ? self::text('saved', [
                'minutes' => Uses::minutes($saved),
                'time' => $this->times->clock($this->session->apart),
            ]) : null,
        ];
    }

    /** @return list<string|null> */
    private function onTime(): array
    {
        if (null === $this->times->limit()) {
            return [];
        }
        if ([] === $this->session->left) {
            return [] === $this->session->fitted->blocks ? [] : [self::text('in_time', [
                'ready' => $this->ready(),
                'latest' => $this->times->latest($this->session->fitted->schedule->finish),
            ])];
        }
        $values = ['ready' => $this->ready(), 'all' => $this->times->clock($this->session->whole)];

        return [
            [] === $this->session->fitted->blocks ? null : self::text($this->session->isBest ? 'best_fits' : 'some_fits', $values),
            self::text('whole', $values),
        ];
    }

    private function ready(): string
    {
        $time = $this->times->readyAt();

        return $this->times->isReadyTheNextDay() ? self::text('next_day', ['time' => $time]) : $time;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("plan.$key", $values));
    }
}
