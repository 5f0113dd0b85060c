<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Option;
use GoodRinse\Core\Handbook\ReadingKind;
use GoodRinse\Core\Handbook\ReadingRule;
use GoodRinse\Core\Handbook\Step;
use GoodRinse\Core\Logbook\Reading;
use GoodRinse\Core\Quantity\FieldUnit;
use GoodRinse\Core\Quantity\Measures;

/** Reads what a person counted, measured or noticed at a step. */
final readonly class ReadingForm
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * The readings a step asks for, those that may be counted instead of a grade last.
     *
     * @param array<string, string> $facts traits of the machine
     *
     * @return list<ReadingRule>
     */
    public function asked(Step $step, array $facts): array
    {
        return array_map($this->handbook->reading(...), [...$step->observe, ...$this->counted($step, $facts)]);
    }

    /**
     * Ids of what can be counted instead of judging the grade by eye.
     *
     * @param array<string, string> $facts traits of the machine
     *
     * @return list<string>
     */
    public function counted(Step $step, array $facts): array
    {
        $rows = [];
        foreach ($step->capture->count ?? [] as $row) {
            if ($row->when->holds($facts)) {
                $rows[] = $row->reading;
            }
        }

        return $rows;
    }

    /**
     * What was filled in; an empty field is no reading.
     *
     * @param array<array-key, mixed> $given    by reading: a text, a list of picks, or shut and all
     * @param array<string, string>   $facts    traits of the machine
     * @param Measures                $measures that volumes and weights were written in
     *
     * @return list<Reading>
     *
     * @throws CannotTick when a number is out of its range
     */
    public function read(Step $step, array $given, array $facts, Measures $measures = Measures::Metric): array
    {
        return array_values(array_filter(array_map(
            fn (ReadingRule $rule): ?Reading => $this->one($rule, $given[$rule->id] ?? null, FieldUnit::of($rule->unit, $measures)),
            $this->asked($step, $facts),
        )));
    }

    private function one(ReadingRule $rule, mixed $given, FieldUnit $in): ?Reading
    {
        $list = is_array($given) ? $given : [];

        return match ($rule->kind) {
            ReadingKind::Number => null === ($number = self::number($given)) ? null : new Reading($rule->id, self::within($rule, $in->kept($number))),
            ReadingKind::Ratio => $this->ratio($rule, self::number($list['shut'] ?? null), self::number($list['all'] ?? null)),
            ReadingKind::Some => self::picked($rule, $list),
            ReadingKind::One => self::picked($rule, [$given]),
        };
    }

    private function ratio(ReadingRule $rule, ?float $shut, ?float $all): ?Reading
    {
        if (null === $shut) {
            return null;
        }
        if (null === $all || $shut < 0 || $shut > $all) {
            throw CannotTick::readingOutOfRange($rule->name);
        }

        return new Reading($rule->id, $shut, self::within($rule, $all));
    }

    /** @param array<array-key, mixed> $given */
    private static function picked(ReadingRule $rule, array $given): ?Reading
    {
        $picks = array_values(array_unique(array_filter($given, static fn (mixed $pick): bool => is_string($pick) && null !== Option::among($rule->options, $pick))));

        return [] === $picks ? null : new Reading($rule->id, picks: $picks);
    }

    private static function within(ReadingRule $rule, float $number): float
    {
        $isWithin = null === $rule->range || ($number >= $rule->range->least && $number <= $rule->range->most);

        return $isWithin ? $number : throw CannotTick::readingOutOfRange($rule->name);
    }

    private static function number(mixed $given): ?float
    {
        $text = is_string($given) ? str_replace(',', '.', trim($given)) : '';

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }
}
