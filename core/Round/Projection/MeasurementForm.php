<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Projection;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\Scale\MeasurementKind;
use GoodRinse\Core\Handbook\Scale\MeasurementRule;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Quantity\FieldUnit;
use GoodRinse\Core\Quantity\Measures;
use GoodRinse\Core\Round\CannotTick;

/** Reads what a person counted, measured or noticed at a step. */
final readonly class MeasurementForm
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * The readings a step asks for, those that may be counted instead of a grade last.
     *
     * @param array<string, string> $facts traits of the machine
     *
     * @return list<MeasurementRule>
     */
    public function asked(Step $step, array $facts): array
    {
        return array_map($this->handbook->measurement(...), [...$step->observe, ...$this->counted($step, $facts)]);
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
                $rows[] = $row->measurement;
            }
        }

        return $rows;
    }

    /**
     * What was filled in; an empty field is no reading.
     *
     * @param array<array-key, mixed> $given by reading: a text, a list of picks, or shut and all
     * @param array<string, string> $facts traits of the machine
     * @param Measures $measures that volumes and weights were written in
     *
     * @return list<Measurement>
     *
     * @throws CannotTick when a number is out of its range
     */
    public function read(Step $step, array $given, array $facts, Measures $measures = Measures::Metric): array
    {
        return array_values(array_filter(array_map(
            fn (MeasurementRule $rule): ?Measurement => $this->one($rule, $given[$rule->id] ?? null, FieldUnit::of($rule->unit, $measures)),
            $this->asked($step, $facts),
        )));
    }

    private function one(MeasurementRule $rule, mixed $given, FieldUnit $in): ?Measurement
    {
        $list = is_array($given) ? $given : [];

        return match ($rule->kind) {
            MeasurementKind::Number => null === ($number = self::number($given))
                ? null
                : new Measurement($rule->id, self::within($rule, $in->kept($number))),
            MeasurementKind::Ratio => $this->ratio($rule, self::number($list['shut'] ?? null), self::number($list['all'] ?? null)),
            MeasurementKind::Some => self::picked($rule, $list),
            MeasurementKind::One => self::picked($rule, [$given]),
        };
    }

    private function ratio(MeasurementRule $rule, ?float $shut, ?float $all): ?Measurement
    {
        if (null === $shut) {
            return null;
        }
        if (null === $all || $shut < 0 || $shut > $all) {
            throw CannotTick::readingOutOfRange($rule->name);
        }

        return new Measurement($rule->id, $shut, self::within($rule, $all));
    }

    /** @param array<array-key, mixed> $given */
    private static function picked(MeasurementRule $rule, array $given): ?Measurement
    {
        $picks = array_values(array_unique(
            array_filter($given, static fn (mixed $pick): bool => is_string($pick) && null !== Option::among($rule->options, $pick)),
        ));

        return [] === $picks ? null : new Measurement($rule->id, picks: $picks);
    }

    private static function within(MeasurementRule $rule, float $number): float
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
