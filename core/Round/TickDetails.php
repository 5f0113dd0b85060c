<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\MalformedEntry;
use GoodRinse\Core\Logbook\PayloadCodec;
use GoodRinse\Core\Logbook\Reading;

/** What a person told beside the answer to a step. */
final readonly class TickDetails
{
    /**
     * @param list<Reading>      $readings what was counted, measured or noticed
     * @param list<string>       $missing  kit ids that were not at hand
     * @param array<string, int> $leftOver pieces that did not go back, how many of each by name
     */
    public function __construct(public array $readings = [], public array $missing = [], public array $leftOver = [])
    {
    }

    /** What is counted under that name; null when nothing is. */
    public function reading(string $what): ?Reading
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
            'readings' => array_map(static fn (Reading $reading): array => $reading->toArray(), $this->readings),
            'missing' => $this->missing,
            'leftOver' => $this->leftOver,
        ]);
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
            $says = is_array($reading) ? PayloadCodec::decode(EntryKind::Reading, $reading) : null;
            if ($says instanceof Reading) {
                $readings[] = $says;
            }
        }
        foreach ($list('leftOver') as $piece => $count) {
            if (is_int($count) && $count > 0) {
                $leftOver[(string) $piece] = $count;
            }
        }

        return new self($readings, array_values(array_filter($list('missing'), is_string(...))), $leftOver);
    }
}
