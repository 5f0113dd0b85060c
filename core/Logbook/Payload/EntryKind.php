<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\Payload\Measured\CupRecord;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Measured\MeshGrid;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Logbook\Payload\Stock\Wish;
use GoodRinse\Core\Logbook\PayloadFields;

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
    case Jets = 'jets';
    case Cup = 'cup';
    case Grid = 'grid';
    case PartFitted = 'part-fitted';
    case PartNeed = 'part-need';
    case Purchase = 'purchase';
    case StockLook = 'stock';
    case Disposal = 'disposal';
    case Wish = 'wish';
    case Note = 'note';
    case Reversal = 'voiding';

    /** @return class-string<Payload> what an entry of this kind says */
    public function payloadClass(): string
    {
        return match ($this) {
            self::Opening => Opening::class,
            self::Dose => Dose::class,
            self::Clearing => Clearing::class,
            self::Counter => UseCount::class,
            self::Meter => MeterTotal::class,
            self::Light => IndicatorLight::class,
            self::Symptom => Symptom::class,
            self::Confirmation => Confirmation::class,
            self::Fix => Fix::class,
            self::Snooze => Snooze::class,
            self::Away => Absence::class,
            self::Check => Check::class,
            self::Measurement => Measurement::class,
            self::Jets => JetMap::class,
            self::Cup => CupRecord::class,
            self::Grid => MeshGrid::class,
            self::PartFitted => PartFitted::class,
            self::PartNeed => PartNeed::class,
            self::Purchase => Purchase::class,
            self::StockLook => StockLook::class,
            self::Disposal => Disposal::class,
            self::Wish => Wish::class,
            self::Note => Note::class,
            self::Reversal => Reversal::class,
        };
    }

    /**
     * Reads a payload back from what Payload::toArray() made of it.
     *
     * @param array<array-key, mixed> $data
     *
     * @throws MalformedEntry when a field is missing, of the wrong type or out of its range
     */
    public function decode(array $data): Payload
    {
        return $this->payloadClass()::fromFields(new PayloadFields($this, $data));
    }

    /** Whether a person may correct it in place: counters' totals come from counters, and the rest is of one moment only. */
    public function isCorrectable(): bool
    {
        return match ($this) {
            self::Opening, self::Dose, self::Clearing, self::Counter, self::Measurement, self::Note, self::Symptom,
            self::PartFitted, self::Light, self::Away => true,
            default => false,
        };
    }
}
