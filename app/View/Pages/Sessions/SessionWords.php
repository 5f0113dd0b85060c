<?php

declare(strict_types=1);

namespace App\View\Pages\Sessions;

use App\Care\Sessions\RunningSession;
use App\Support\Scalar;
use App\View\Words\Dates;
use App\View\Words\Uses;
use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Quantity\Day;

/** Says when what is left of a session is done, and what has changed since that was last said. */
final readonly class SessionWords
{
    /** Minutes by which an end may move before that is worth a sentence. */
    private const MOVED = 2;
    /** Minutes without anything done after which it was not at work but away. */
    private const AWAY = 120.0;

    public function __construct(private RunningSession $running)
    {
    }

    public function head(): string
    {
        if ([] === $this->running->rounds) {
            return self::text('head_over');
        }
        $schedule = $this->running->fitted->schedule;
        if ([] === $this->running->fitted->blocks) {
            return self::text('head_finish');
        }
        $times = ['hands' => $this->clock($schedule->handsFree), 'all' => $this->clock($schedule->finish)];

        return self::text($times['hands'] === $times['all'] ? 'head_together' : 'head', $times);
    }

    /** What has changed since the end was last said: one sentence. */
    public function change(): string
    {
        if ([] === $this->running->rounds || [] === $this->running->fitted->blocks) {
            return '';
        }
        $zone = $this->running->household->zone();
        $last = $this->running->lastAt();
        if ($this->minutes($last, $this->running->now) > self::AWAY) {
            $day = Day::at($last, $zone);
            $today = Day::at($this->running->now, $zone);

            return self::text('away', [
                'since' => ($day->number === $today->number ? '' : Dates::longWeekday($day, $today).', ').Dates::time($last, $zone),
            ]);
        }
        $promised = new \DateTimeImmutable($this->running->session->promise['finish'] ?: 'now');
        $late = self::onTheClock($this->running->at($this->running->fitted->schedule->finish)) - self::onTheClock($promised);
        if (abs($late) < self::MOVED) {
            return self::text('as_planned');
        }
        $order = $this->order();

        return self::text($late > 0 ? 'later' : 'sooner', [
            'minutes' => Uses::minutes(abs($late)),
            'promised' => Dates::time($promised, $zone),
            'order' => null === $order ? '' : self::text('order_changed', $order),
        ]);
    }

    /** @return array<string, string>|null machine that comes before another now, where it was to come after it */
    private function order(): ?array
    {
        $now = array_values(array_unique(array_map(
            static fn (Block $block): string => $block->round,
            array_filter($this->running->fitted->blocks, static fn (Block $block): bool => null === $block->wait),
        )));
        $was = array_values(array_intersect($this->running->session->promise['order'], $now));
        foreach ($was as $place => $machine) {
            if (isset($now[$place]) && $now[$place] !== $machine) {
                return [
                    'first' => $this->running->rounds[$now[$place]]->machine->name,
                    'then' => $this->running->rounds[$machine]->machine->name,
                ];
            }
        }

        return null;
    }

    /** Whole minutes, as hours are said. */
    private static function onTheClock(\DateTimeImmutable $at): int
    {
        return intdiv($at->getTimestamp(), 60);
    }

    private function clock(float $minutes): string
    {
        return Dates::time($this->running->at($minutes), $this->running->household->zone());
    }

    private function minutes(\DateTimeImmutable $from, \DateTimeImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / 60;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("plan.$key", $values));
    }
}
