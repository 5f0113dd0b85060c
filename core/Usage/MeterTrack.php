<?php

declare(strict_types=1);

namespace GoodRinse\Core\Usage;

/** What one counter showed: its running total at several moments, and which of its readings cannot be. */
final readonly class MeterTrack
{
    /** A day may bring so many times the most that is thought possible. */
    private const SLACK = 5;

    /**
     * @param list<array{float, float}> $accepted time in days and total, the earliest first
     * @param list<float> $held times of readings that run backwards or jump
     */
    private function __construct(public string $id, public array $accepted, public array $held)
    {
    }

    /**
     * @param list<array{float, float}> $readings time in days and total in uses, in any order, no two at one time
     * @param float $now later ones are not looked at
     * @param float $most uses a day that the machine can make, above 0
     */
    public static function read(string $id, array $readings, float $now, float $most): self
    {
        usort($readings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $accepted = $held = [];
        $last = null;
        foreach ($readings as [$time, $total]) {
            if ($time > $now) {
                break;
            }
            if (null !== $last && !self::follows($last, [$time, $total], $most)) {
                $held[] = $time;
                continue;
            }
            $accepted[] = $last = [$time, $total];
        }

        return new self($id, $accepted, $held);
    }

    /**
     * Whether a reading can follow another one.
     *
     * @param array{float, float} $before time in days and total
     * @param array{float, float} $after the same, later
     */
    public static function follows(array $before, array $after, float $most): bool
    {
        $uses = $after[1] - $before[1];

        return $uses >= 0 && $uses <= self::SLACK * $most * max($after[0] - $before[0], 1.0);
    }

    /** @return array{float, float}|null from its first accepted reading to its last; null with fewer than two */
    public function watches(): ?array
    {
        $last = count($this->accepted) - 1;

        return $last < 1 ? null : [$this->accepted[0][0], $this->accepted[$last][0]];
    }
}
