<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;

/** Openings of one task as a text that is quickly read back, with nothing lost. */
final readonly class PackedOpenings
{
    /** @param string $last entry of the newest of them */
    private function __construct(public string $last, private string $text)
    {
    }

    /** @param non-empty-list<OpeningRecord> $openings the oldest first */
    public static function of(array $openings): self
    {
        return new self($openings[count($openings) - 1]->entry, json_encode(array_map(static fn (OpeningRecord $opening): array => [
            $opening->entry, $opening->day->number, $opening->days, $opening->uses, $opening->found?->value, $opening->left->value,
            $opening->absent, $opening->symptom, $opening->estimated,
            $opening->measured,
        ], $openings), JSON_THROW_ON_ERROR));
    }

    /** @return list<OpeningRecord> */
    public function openings(): array
    {
        $openings = [];
        /** @var list<array{string, int, int, float, float|null, float, int, bool, float, bool}> $rows */
        $rows = json_decode($this->text, true, 3, JSON_THROW_ON_ERROR);
        foreach ($rows as [$entry, $day, $days, $uses, $found, $left, $absent, $symptom, $estimated, $measured]) {
            $openings[] = new OpeningRecord(
                entry: $entry,
                day: Day::numbered($day),
                days: $days,
                uses: $uses,
                found: null === $found ? null : Fraction::of($found),
                left: Fraction::of($left),
                absent: $absent,
                symptom: $symptom,
                estimated: $estimated,
                measured: $measured,
            );
        }

        return $openings;
    }
}
