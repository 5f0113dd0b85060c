<?php

declare(strict_types=1);

namespace App\View\Components\Care;

use App\Care\DateChange;
use App\View\Words\Dates;
use App\View\Words\Uses;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\StartingInterval;
use Illuminate\View\Component;

/** Dates before and after something changes, as a table. */
final class DateChanges extends Component
{
    /**
     * @param list<DateChange> $moved
     * @param bool $machines whether they are of several
     */
    public function __construct(
        public readonly array $moved,
        private readonly Day $today,
        public readonly bool $machines = false,
    ) {
    }

    /** "12 uses", or what it was and what it becomes. */
    public function starts(DateChange $date): string
    {
        $after = self::start($date->startAfter);

        return $date->startBefore == $date->startAfter ? $after : self::start($date->startBefore).' → '.$after;
    }

    public function day(?Rhythm $rhythm): string
    {
        return match (true) {
            null === $rhythm => (string) __('places/dates.no_schedule'),
            null === $rhythm->dueOn => (string) __('places/dates.no_date'),
            default => $this->today->isAfter($rhythm->dueOn)
                ? (string) __('places/dates.since', ['day' => Dates::day($rhythm->dueOn, $this->today)])
                : Dates::day($rhythm->dueOn, $this->today),
        };
    }

    public function moves(DateChange $date): string
    {
        $days = $date->days();

        return match (true) {
            null === $days => $date->moves() ? (string) __('places/dates.new') : '',
            0 === $days => (string) __('places/dates.stays'),
            default => (string) __($days > 0 ? 'places/dates.later' : 'places/dates.earlier', [
                'days' => Uses::counted(abs($days), 'days'),
            ]),
        };
    }

    public function render(): string
    {
        return 'components.care.date-changes';
    }

    private static function start(StartingInterval $start): string
    {
        return null === $start->base ? (string) __('places/dates.no_schedule') : Uses::counted($start->count, $start->unit);
    }
}
