<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload\Measured;

use GoodRinse\Core\Flow\CupReading;
use GoodRinse\Core\Flow\InvalidFlow;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\PayloadFields;

/** A cup that stood in the rack while the machine washed, and how far it filled. */
final readonly class CupRecord implements Payload
{
    private const MOST_LOOKS = 40;

    /**
     * @param non-empty-list<CupReading> $looks minutes strictly rising
     * @param float $cupMl what the cup holds, above 0
     * @param string $shape id of the cup's shape in the handbook
     * @param bool $clean whether everything was clean, so that it is what this machine can do
     */
    public function __construct(public array $looks, public float $cupMl, public string $shape, public bool $clean)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        try {
            return self::parse($fields->text('looks'), $fields->number('cup'), $fields->text('shape'), $fields->flag('clean'));
        } catch (InvalidFlow) {
            throw MalformedEntry::value(EntryKind::Cup, 'looks');
        }
    }

    /**
     * @param string $json list of [minute, ml]; a cup that is full to the brim ran over
     * @param float $cupMl above 0
     *
     * @throws MalformedEntry when it is no such list, of at least two
     * @throws InvalidFlow for a cup of nothing, time that does not go on, or a level that cannot be
     */
    public static function parse(string $json, float $cupMl, string $shape, bool $clean): self
    {
        try {
            $read = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw MalformedEntry::value(EntryKind::Cup, 'looks');
        }
        if ($cupMl <= 0 || !is_finite($cupMl)) {
            throw InvalidFlow::cup();
        }
        $looks = [];
        foreach (is_array($read) ? array_values($read) : [] as $look) {
            [$minute, $ml] = is_array($look) ? array_values($look) + [null, null] : [null, null];
            if ((!is_int($minute) && !is_float($minute)) || (!is_int($ml) && !is_float($ml))) {
                throw MalformedEntry::value(EntryKind::Cup, 'looks');
            }
            if ($ml > $cupMl + 1e-9) {
                throw InvalidFlow::level();
            }
            if ([] !== $looks && $minute <= $looks[count($looks) - 1]->minute) {
                throw InvalidFlow::backwards();
            }
            $looks[] = new CupReading((float) $minute, (float) $ml, $ml >= $cupMl - 1e-9);
        }
        if (count($looks) < 2) {
            throw InvalidFlow::fewReadings();
        }

        return count($looks) > self::MOST_LOOKS
            ? throw MalformedEntry::value(EntryKind::Cup, 'looks')
            : new self($looks, $cupMl, $shape, $clean);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Cup;
    }

    public function toArray(): array
    {
        $looks = array_map(static fn (CupReading $look): array => [$look->minute, $look->ml], $this->looks);

        return [
            'looks' => json_encode($looks, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            'cup' => $this->cupMl,
            'shape' => $this->shape,
            'clean' => $this->clean,
        ];
    }
}
