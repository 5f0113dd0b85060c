<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

/** What a household wants of a rhythm, whatever is learned: that it stays as it is, or keeps within bounds of its own. */
final readonly class OwnRhythm
{
    private const LONGEST = 10000.0;

    /**
     * @param string|null $unit of the interval it is kept at; null where it learns
     * @param float|null $count the interval it is kept at, above 0
     * @param float|null $least days that are never fallen short of, above 0
     * @param float|null $most days that are never gone beyond, at least the least
     *
     * @throws InvalidClock when a number is outside its range or the bounds are crossed
     */
    public function __construct(
        public ?string $unit = null,
        public ?float $count = null,
        public ?float $least = null,
        public ?float $most = null,
    ) {
        foreach ([$count, $least, $most] as $number) {
            if (null !== $number && ($number <= 0 || $number > self::LONGEST || is_nan($number))) {
                throw InvalidClock::notPositive('An interval of your own');
            }
        }
        if (null !== $least && null !== $most && $least > $most) {
            throw InvalidClock::boundsCrossed();
        }
    }

    public function isKept(): bool
    {
        return null !== $this->unit && null !== $this->count;
    }

    public function isEmpty(): bool
    {
        return !$this->isKept() && null === $this->least && null === $this->most;
    }

    /** The same bounds, kept at an interval, or learning again. */
    public function keptAt(?string $unit, ?float $count): self
    {
        return new self($unit, $count, $this->least, $this->most);
    }

    /** @param string $useUnit what the machine's use is counted in, which may have had another name when the interval was kept */
    public function countedIn(string $useUnit): self
    {
        $isOther = null === $this->unit || in_array($this->unit, [Clock::DAYS, TaskClocks::LITRES], true);

        return $isOther ? $this : $this->keptAt($useUnit, $this->count);
    }

    /** @return array<string, string|float> */
    public function toArray(): array
    {
        return array_filter(
            ['unit' => $this->unit, 'count' => $this->count, 'least' => $this->least, 'most' => $this->most],
            static fn (mixed $value): bool => null !== $value,
        );
    }

    /** @param array<array-key, mixed> $data as toArray() made it; what cannot be read is left out */
    public static function read(array $data): self
    {
        $number = static fn (string $key): ?float => is_int($data[$key] ?? null)
            || is_float($data[$key] ?? null) ? (float) $data[$key] : null;
        try {
            return new self(is_string($data['unit'] ?? null) ? $data['unit'] : null, $number('count'), $number('least'), $number('most'));
        } catch (InvalidClock) {
            return new self();
        }
    }
}
