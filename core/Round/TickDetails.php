<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Measurement;

/** What a person told beside the answer to a step. */
final readonly class TickDetails
{
    /**
     * @param list<Measurement> $readings what was counted, measured or noticed
     * @param list<string> $missing kit ids that were not at hand
     * @param array<string, int> $leftOver pieces that did not go back, how many of each by name
     * @param string|null $also answer to what is asked with a grade
     * @param float|null $wait minutes that were picked for the wait it starts, 0 for as long as the rest takes
     * @param string|null $despite what was not as it should be when the machine was run all the same
     * @param JetMap|null $map the spray arms as they were drawn
     * @param list<string> $listed kit ids of the tools that were asked for at the step that asks for them
     */
    public function __construct(
        public array $readings = [],
        public array $missing = [],
        public array $leftOver = [],
        public ?string $also = null,
        public ?float $wait = null,
        public ?string $despite = null,
        public ?JetMap $map = null,
        public array $listed = [],
    ) {
    }

    /** What is counted under that name; null when nothing is. */
    public function reading(string $what): ?Measurement
    {
        foreach ($this->readings as $reading) {
            if ($reading->what === $what) {
                return $reading;
            }
        }

        return null;
    }

    /** @return array<string, mixed> what read() reads back */
    public function toArray(): array
    {
        return array_filter([
            'readings' => array_map(static fn (Measurement $reading): array => $reading->toArray(), $this->readings),
            'missing' => $this->missing,
            'leftOver' => $this->leftOver,
            'also' => $this->also,
            'wait' => $this->wait,
            'despite' => $this->despite,
            'map' => $this->map?->toArray(),
            'listed' => $this->listed,
        ], static fn (mixed $value): bool => null !== $value && [] !== $value);
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws MalformedEntry when a reading is not as toArray() made it
     */
    public static function read(array $data): self
    {
        $list = static fn (string $key): array => is_array($data[$key] ?? null) ? $data[$key] : [];
        $readings = $leftOver = [];
        foreach ($list('readings') as $reading) {
            $payload = is_array($reading) ? EntryKind::Measurement->decode($reading) : null;
            if ($payload instanceof Measurement) {
                $readings[] = $payload;
            }
        }
        foreach ($list('leftOver') as $piece => $count) {
            if (is_int($count) && $count > 0) {
                $leftOver[(string) $piece] = $count;
            }
        }

        $text = static fn (string $key): ?string => is_string($data[$key] ?? null) ? $data[$key] : null;
        $wait = $data['wait'] ?? null;

        return new self(
            $readings,
            array_values(array_filter($list('missing'), is_string(...))),
            $leftOver,
            $text('also'),
            is_int($wait) || is_float($wait) ? (float) $wait : null,
            $text('despite'),
            self::map($data['map'] ?? null),
            array_values(array_filter($list('listed'), is_string(...))),
        );
    }

    private static function map(mixed $data): ?JetMap
    {
        $map = is_array($data) ? EntryKind::Jets->decode($data) : null;

        return $map instanceof JetMap ? $map : null;
    }
}
