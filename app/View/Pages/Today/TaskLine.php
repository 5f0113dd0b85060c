<?php

declare(strict_types=1);

namespace App\View\Pages\Today;

use App\Care\TaskCare;
use App\View\Drawing\WindowBar;
use App\View\Words\Dates;
use App\View\Words\ReasonWords;
use App\View\Words\Uses;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Reason;
use GoodRinse\Core\Rhythm\ReasonCode;

/** A care task as a page shows it. */
final readonly class TaskLine
{
    public ?WindowBar $bar;

    public function __construct(public TaskCare $care, public Day $today, private ReasonWords $words)
    {
        $last = $care->history()->last();
        $this->bar = null === $last ? null : WindowBar::of($care->rhythm(), $last->day, $today);
    }

    /** Why it is where it is, in one sentence, or two where something was left in place. */
    public function reason(): string
    {
        return implode(' ', array_map($this->sentence(...), array_slice($this->sorted(), 0, $this->leading())));
    }

    /** @return list<string> what else there is to say */
    public function more(): array
    {
        return array_map($this->sentence(...), array_slice($this->sorted(), $this->leading()));
    }

    private function leading(): int
    {
        return ReasonCode::ClockDecides === ($this->sorted()[0]->code ?? null)
            && ($this->care->history()->last()->left->value ?? 0.0) > 0 ? 2 : 1;
    }

    private function sentence(Reason $reason): string
    {
        $last = $this->care->history()->last();
        $absent = null === $last ? 0 : $this->care->rhythm()->deciding->clock->absences->days($last->day, $this->today);

        $text = $this->words->sentence(
            $reason,
            null === $last ? null : Dates::day($last->day, $this->today),
            null !== $last,
            $this->wasFound(),
            $this->care->scale(),
            $absent,
            $this->today,
            $this->care->isGraded(),
        );

        return ReasonCode::ClockDecides === $reason->code ? $text.$this->estimated() : $text;
    }

    /** How much of the use that the clock has run on nobody counted; empty where it runs on days, or all is known. */
    private function estimated(): string
    {
        $clock = $this->care->rhythm()->deciding->clock;
        $uses = $this->care->history()->usesSince;
        $share = Clock::DAYS === $clock->unit || $uses <= 0 ? 0.0 : $this->care->history()->estimated / $uses;

        return match (true) {
            $share * $clock->elapsed < 0.5 => '',
            $share > 0.95 => ' '.__('today.estimated_all'),
            default => ' '.__('today.estimated', ['uses' => Uses::number($share * $clock->elapsed)]),
        };
    }

    /** Whether anybody said how it was, at one of the openings. */
    private function wasFound(): bool
    {
        return [] !== array_filter($this->care->history()->openings, static fn (OpeningRecord $opening): bool => null !== $opening->found);
    }

    /**
     * The deciding one first; of a part nobody has opened, or that was left as foul as it may be, not how far its clock
     * has run.
     *
     * @return list<Reason>
     */
    private function sorted(): array
    {
        $silent = $this->care->neverOpened() || [] !== array_filter(
            $this->care->rhythm()->reasons,
            static fn (Reason $reason): bool => ReasonCode::LeftInPlace === $reason->code && $reason->values['foulings'] >= 1,
        );
        $reasons = array_values(array_filter(
            $this->care->rhythm()->reasons,
            static fn (Reason $reason): bool => !$silent || ReasonCode::ClockDecides !== $reason->code,
        ));
        usort($reasons, static fn (Reason $a, Reason $b): int => self::place($a) <=> self::place($b));

        return $reasons;
    }

    /** The clock first, then what it did not start from nothing with, then the rest. */
    private static function place(Reason $reason): int
    {
        return match ($reason->code) {
            ReasonCode::Signal, ReasonCode::LookOnce => 0,
            ReasonCode::ClockDecides => 1,
            ReasonCode::LeftInPlace => 2,
            default => 3,
        };
    }

    /** "due, 3 days over", "due today", "due in 6 days, on Thu 3 December". */
    public function when(): string
    {
        $due = $this->care->rhythm()->dueOn;
        $late = $this->care->rhythm()->daysOver($this->today);

        return match (true) {
            $this->care->neverOpened() => null === $due || !$due->isAfter($this->today)
                ? (string) __($this->care->isGraded() ? 'today.look_once' : 'today.do_once')
                : (string) __($this->care->isGraded() ? 'today.look_by' : 'today.do_by', ['when' => Dates::relative($due, $this->today)]),
            null === $due => (string) __('today.no_date'),
            $late > 0 => trans_choice('today.over', $late, ['days' => $late]),
            !$due->isAfter($this->today) || $this->care->rhythm()->state->isDue() => (string) __('today.due_today'),
            default => (string) __('today.due_in', ['when' => Dates::relative($due, $this->today)]),
        };
    }

    public function stateName(): string
    {
        $unknown = $this->care->isGraded() ? 'unknown' : 'undone';

        return (string) __('today.state.'.($this->care->neverOpened() ? $unknown : $this->care->rhythm()->state->value));
    }

    /** How sure the date is, in words; null where nothing has been found yet. */
    public function sure(): ?string
    {
        $window = $this->care->rhythm()->window;
        $learned = $this->care->rhythm()->deciding->learned->openings;
        if (null === $window || $window[0] == $window[1] || $this->care->neverOpened()) {
            return null;
        }
        $values = ['from' => Dates::day($window[0], $this->today), 'to' => Dates::day($window[1], $this->today), 'openings' => $learned];

        return 0 === $learned
            ? (string) __($this->wasFound() ? 'today.sure_none_yet' : 'today.sure_none', $values)
            : trans_choice('today.sure', $learned, $values);
    }

    /** Why the reminder waits, in brackets; empty where there is nothing to say. */
    public function putOffBecause(): string
    {
        $rhythm = $this->care->rhythm();
        $snooze = $this->care->history()->snooze;

        return match (true) {
            null !== $snooze && $snooze->until->number === $rhythm->remindOn?->number => " ($snooze->reason)",
            null !== $rhythm->remindOn => (string) __('today.away'),
            default => '',
        };
    }

    /** How foul it is by now, where somebody judges it: "About 30 % shut by now: ". */
    public function soil(): string
    {
        return $this->care->isGraded()
            ? (string) __('today.soil', ['percent' => $this->care->rhythm()->blockedNow->percent(), 'fouls' => $this->care->task()->fouls])
            : '';
    }

    /** @return array{Day, Day}|null between which days it falls due, as far as that can be told */
    public function window(): ?array
    {
        $window = $this->care->rhythm()->window;

        return null === $window || $window[0] == $window[1] ? null : $window;
    }

    /** Who does it, where somebody has said so since it was last done. */
    public function claimedBy(): ?string
    {
        $claim = $this->care->machine->claims[$this->care->id] ?? null;
        $last = $this->care->history()->last()?->day;

        return null === $claim || (null !== $last && !Day::of($claim['on'])->isAfter($last)) ? null : $claim['name'];
    }

    public function isDue(): bool
    {
        return $this->care->isDue();
    }
}
