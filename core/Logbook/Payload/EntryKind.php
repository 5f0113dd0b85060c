<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

/** The kinds of thing that happen in a household and are written down. */
enum EntryKind: string
{
    case Opening = 'opening';
    case Dose = 'dose';
    case Clearing = 'clearing';
    case Counter = 'counter';
    case Meter = 'meter';
    case Light = 'light';
    case Symptom = 'symptom';
    case Confirmation = 'confirmation';
    case Fix = 'fix';
    case Snooze = 'snooze';
    case Away = 'away';
    case Check = 'check';
    case Measurement = 'reading';
    case PartFitted = 'part-fitted';
    case Note = 'note';
    case Reversal = 'voiding';

    /** Whether a person may correct it in place: counters' totals come from counters, and the rest is of one moment only. */
    public function isCorrectable(): bool
    {
        return match ($this) {
            self::Opening, self::Dose, self::Clearing, self::Counter, self::Measurement, self::Note, self::Symptom, self::PartFitted, self::Light, self::Away => true,
            default => false,
        };
    }
}
