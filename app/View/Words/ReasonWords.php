<?php

declare(strict_types=1);

namespace App\View\Words;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\Learning\Limit;
use GoodRinse\Core\Rhythm\Reason;
use GoodRinse\Core\Rhythm\ReasonCode;
use GoodRinse\Core\Rhythm\Rhythm;
use Illuminate\Support\Str;

/** Renders the reasons of a rhythm as sentences a person can check. */
final readonly class ReasonWords
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * @param string|null $since when the last opening was, in words; null where no date is known
     * @param bool $opened whether there was one at all
     * @param bool $found whether anybody said how the part was then
     * @param string $scale on which the part is judged
     * @param Day|null $today so that a day of this year says no year
     * @param bool $judged whether the part is looked at and judged, or something is only done
     * @param int $absent days since then on which nobody was there and the clock stood still
     */
    public function sentence(
        Reason $reason,
        ?string $since = null,
        bool $opened = true,
        bool $found = false,
        string $scale = Scales::MESH,
        int $absent = 0,
        ?Day $today = null,
        bool $judged = true,
    ): string {
        $values = $reason->values;

        return match ($reason->code) {
            ReasonCode::ClockDecides => self::clock($values, $since, $opened, $absent),
            ReasonCode::NothingLearned => self::phrase($found ? 'nothing-learned-yet' : 'nothing-learned', [
                'interval' => Uses::interval(self::number($values['interval']), self::text($values['unit'])),
            ]),
            ReasonCode::Learned => $this->learned($values, $scale),
            ReasonCode::Kept => self::phrase(0.0 === self::number($values['instead']) ? ($judged ? 'kept' : 'kept-done') : 'kept-instead', [
                'interval' => Uses::interval(self::number($values['interval']), self::text($values['unit'])),
                'instead' => Uses::interval(self::number($values['instead']), self::text($values['unit'])),
            ]),
            ReasonCode::LookOnce => self::phrase(
                ($judged ? 'look' : 'do').(null !== $today && $today->isAfter(Day::of(self::text($values['by']))) ? '-once-late' : '-once'),
                ['by' => Dates::day(Day::of(self::text($values['by'])), $today)],
            ),
            ReasonCode::LeftInPlace => self::phrase(self::number($values['foulings'] ?? 0.0) >= 1 ? 'left-due' : 'left-in-place', [
                'grade' => $this->grade(self::number($values['left']), $scale),
                'uses' => Uses::counted(self::number($values['uses']), self::text($values['unit'])),
            ]),
            ReasonCode::NoUse => self::phrase('no-use', ['unit' => self::text($values['unit'])]),
            ReasonCode::Signal => self::phrase('signal-'.self::text($values['kind']), ['name' => self::text($values['name'])]),
            ReasonCode::Away => self::phrase('away', ['until' => Dates::day(Day::of(self::text($values['until'])), $today)]),
            ReasonCode::Snoozed => self::phrase('snoozed', ['until' => Dates::day(Day::of(self::text($values['until'])), $today)]),
        };
    }

    /** What the newest opening did to the interval, as a sentence; null while nothing was learned. */
    public function learnedFrom(Rhythm $rhythm, string $scale = Scales::MESH): ?string
    {
        foreach ($rhythm->reasons as $reason) {
            if (ReasonCode::Learned === $reason->code) {
                return $this->sentence($reason, scale: $scale);
            }
        }

        return null;
    }

    /** @param array<string, float|string> $values */
    private static function clock(array $values, ?string $since, bool $opened, int $absent): string
    {
        $elapsed = self::number($values['elapsed']);
        $interval = self::number($values['interval']);
        $unit = self::text($values['unit']);
        if (0.0 === $elapsed && null !== $since) {
            return self::phrase('clock-decides-today', ['interval' => Uses::interval($interval, $unit)]);
        }

        return self::phrase($opened ? (null === $since ? 'clock-decides' : 'clock-decides-since') : 'clock-decides-added', [
            'elapsed' => Uses::counted($elapsed, $unit), 'interval' => Uses::intervalAmount($interval, $unit), 'since' => (string) $since,
            'absent' => 0 === $absent ? '' : ', '.trans_choice('reasons.absent', $absent, ['days' => $absent]),
        ]);
    }

    /** @param array<string, float|string> $values */
    private function learned(array $values, string $scale): string
    {
        $unit = self::text($values['unit']);
        $before = Uses::interval(self::number($values['before']), $unit);
        $after = Uses::intervalAmount(self::number($values['after']), $unit);
        $limit = self::text($values['limit']);
        $key = Uses::intervalAmount(self::number($values['before']), $unit) === $after ? 'learned-same' : 'learned';

        return self::phrase($key, [
            'grade' => Str::ucfirst($this->grade(self::number($values['found']), $scale)),
            'uses' => Uses::counted(self::number($values['uses']), $unit),
            'before' => $before,
            'after' => $after,
            'limit' => Limit::None->value === $limit ? '' : self::phrase("limit.$limit", []),
        ]);
    }

    /** The name of the grade this fraction is, or the percentage where it was measured. */
    private function grade(float $fraction, string $scale): string
    {
        $blocked = Fraction::of($fraction);
        $grade = $this->handbook->scales()->scale($scale)->nearest($blocked);

        return abs($grade->fraction->value - $fraction) < 0.005
            ? mb_strtolower($grade->name)
            : self::phrase('measured', ['percent' => $blocked->percent()]);
    }

    /** @param array<string, string|int> $values */
    private static function phrase(string $key, array $values): string
    {
        $text = __("reasons.$key", $values);

        return is_string($text) ? $text : $key;
    }

    private static function number(float|string $value): float
    {
        return (float) $value;
    }

    private static function text(float|string $value): string
    {
        return (string) $value;
    }
}
