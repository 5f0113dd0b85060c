<?php

declare(strict_types=1);

namespace App\View\Components\Round;

use App\View\Words\Dates;
use GoodRinse\Core\Round\RunningTimer;
use Illuminate\View\Component;

/** A wait that runs, with its clock and when it is over. */
final class Timer extends Component
{
    /** Whole seconds; negative once it is over. */
    public readonly int $left;

    /** "4:05", "+0:30". */
    public readonly string $shown;

    /** @param bool $big whether the step is about nothing else */
    public function __construct(
        public readonly RunningTimer $timer,
        private readonly \DateTimeImmutable $now,
        private readonly \DateTimeZone $zone,
        public readonly bool $big = false,
    ) {
        $this->left = $timer->secondsLeft($now);
        $seconds = abs($this->left);
        $this->shown = sprintf('%s%d:%02d', $this->left < 0 ? '+' : '', intdiv($seconds, 60), $seconds % 60);
    }

    public function state(): string
    {
        return (string) match (true) {
            $this->timer->open => __('rounds.timer.open'),
            $this->left > 0 => __('rounds.timer.runs', ['time' => Dates::time($this->timer->endsAt(), $this->zone)]),
            default => __('rounds.timer.over'),
        };
    }

    /** Whether it has gone on for longer than it may, and nothing else on the page tells so. */
    public function harms(): bool
    {
        return !$this->big && true === $this->timer->lateness($this->now)?->harms;
    }

    public function render(): string
    {
        return 'components.round.timer';
    }
}
