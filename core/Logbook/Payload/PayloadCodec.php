<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\NoSuchDay;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Quantity\QuantityOutOfRange;

/** Reads payloads back from what Payload::toArray() made of them. */
final class PayloadCodec
{
    /**
     * @param array<array-key, mixed> $data
     *
     * @throws MalformedEntry when a field is missing, of the wrong type or out of its range
     */
    public static function decode(EntryKind $kind, array $data): Payload
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? null) ? $data[$key] : throw MalformedEntry::value($kind, $key);
        $number = static fn (string $key): float => is_int($data[$key] ?? null)
            || is_float($data[$key] ?? null) ? (float) $data[$key] : throw MalformedEntry::value($kind, $key);
        try {
            return match ($kind) {
                EntryKind::Opening => new Opening(
                    $text('task'),
                    isset($data['found']) ? Fraction::of($number('found')) : null,
                    Fraction::of($number('left')),
                    $text('how'),
                ),
                EntryKind::Dose => new Dose(
                    $text('agent'),
                    $text('vessel'),
                    self::portion($data, $number),
                    isset($data['strength']) ? $number('strength') : null,
                ),
                EntryKind::Clearing => new Clearing($text('vessel'), $text('by')),
                EntryKind::Counter => new UseCount($text('unit'), $number('uses'), isset($data['over']) ? (int) $number('over') : null),
                EntryKind::Meter => new MeterTotal($text('unit'), $number('total'), $text('meter'), (int) $number('series')),
                EntryKind::Light => new IndicatorLight($text('light'), true === ($data['on'] ?? null)),
                EntryKind::Symptom => new Symptom(
                    $text('symptom'),
                    isset($data['task']) ? $text('task') : null,
                    isset($data['where']) ? $text('where') : null,
                    isset($data['badly']) ? $text('badly') : null,
                ),
                EntryKind::Fix => new Fix(
                    $text('action'),
                    isset($data['cause']) ? $text('cause') : null,
                    $text('trace'),
                    false !== ($data['helped'] ?? true),
                ),
                EntryKind::Confirmation => new Confirmation($text('symptom'), $text('task'), true === ($data['caused'] ?? null)),
                EntryKind::Snooze => new Snooze($text('task'), Day::of($text('until')), $text('reason')),
                EntryKind::Away => new Absence(Day::of($text('from')), Day::of($text('to')), $text('reason')),
                EntryKind::Check => new Check($text('check'), $text('result'), true === ($data['passed'] ?? null)),
                EntryKind::Measurement => new Measurement(
                    $text('what'),
                    isset($data['number']) ? $number('number') : null,
                    isset($data['of']) ? $number('of') : null,
                    array_values(array_filter(explode(',', $text('picks')), static fn (string $pick): bool => '' !== $pick)),
                ),
                EntryKind::PartFitted => new PartFitted($text('part')),
                EntryKind::Note => new Note($text('text')),
                EntryKind::Reversal => new Reversal(Reversal::CORRECTION === $text('why') ? Reversal::CORRECTION : Reversal::UNDO),
            };
        } catch (QuantityOutOfRange) {
            throw MalformedEntry::value($kind, 'amount');
        } catch (NoSuchDay) {
            throw MalformedEntry::value($kind, 'day');
        }
    }

    /**
     * @param array<array-key, mixed> $data
     * @param \Closure(string): float $number
     */
    private static function portion(array $data, \Closure $number): ?Portion
    {
        foreach (PortionUnit::cases() as $unit) {
            if (isset($data[$unit->value])) {
                return Portion::of($number($unit->value), $unit);
            }
        }

        return null;
    }
}
