<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** A counter was read: it tells its running total, and what was used follows from the reading before. */
final readonly class MeterTotal implements Payload
{
    /**
     * @param string $unit what is counted, as in the handbook
     * @param float $total as the counter shows it, 0 or more
     * @param string $meter id of the counter
     * @param int $series goes up when the counter is replaced or set back; totals of two series are never compared
     *
     * @throws MalformedEntry when the total is negative or not finite
     */
    public function __construct(public string $unit, public float $total, public string $meter, public int $series = 0)
    {
        if (!is_finite($total) || $total < 0) {
            throw MalformedEntry::value(EntryKind::Meter, 'total');
        }
    }

    /** What its totals may be compared within. */
    public function track(): string
    {
        return "$this->meter $this->series";
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('unit'), $fields->number('total'), $fields->text('meter'), (int) $fields->number('series'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Meter;
    }

    public function toArray(): array
    {
        return ['unit' => $this->unit, 'total' => $this->total, 'meter' => $this->meter, 'series' => $this->series];
    }
}
