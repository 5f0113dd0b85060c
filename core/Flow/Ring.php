<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** A ring of the rack round the hub, between two distances in 0 to 1 of the rack's radius. */
final readonly class Ring
{
    /** Narrower than this is no ring: what is left of sums that should be nothing. */
    private const LEAST = 1e-9;

    public function __construct(public float $inner, public float $outer)
    {
    }

    /** Its share of the whole rack, 0 to 1. */
    public function share(): float
    {
        return $this->outer ** 2 - $this->inner ** 2;
    }

    /**
     * What part of it other rings cover, as a share of the whole rack, 0 to 1.
     *
     * @param list<self> $rings that do not overlap
     */
    public function overlap(array $rings): float
    {
        $shared = 0.0;
        foreach ($rings as $ring) {
            [$inner, $outer] = [max($this->inner, $ring->inner), min($this->outer, $ring->outer)];
            $shared += $outer > $inner ? $outer ** 2 - $inner ** 2 : 0.0;
        }

        return $shared;
    }

    /**
     * @param list<self> $rings in any order
     *
     * @return list<self> the same without overlaps, from the hub outwards
     */
    public static function union(array $rings): array
    {
        usort($rings, static fn (self $a, self $b): int => [$a->inner, $a->outer] <=> [$b->inner, $b->outer]);
        $union = [];
        $last = null;
        foreach ($rings as $ring) {
            if (null !== $last && $ring->inner > $last->outer + self::LEAST) {
                $union[] = $last;
                $last = null;
            }
            $last = null === $last ? $ring : new self($last->inner, max($last->outer, $ring->outer));
        }

        return null === $last ? [] : [...$union, $last];
    }

    /**
     * What a union of rings leaves between the hub and the rim.
     *
     * @param list<self> $union as union() gives it
     *
     * @return list<self> from the hub outwards
     */
    public static function gaps(array $union): array
    {
        $gaps = [];
        $from = 0.0;
        foreach ([...$union, new self(1.0, 1.0)] as $ring) {
            if ($ring->inner - $from > self::LEAST) {
                $gaps[] = new self($from, $ring->inner);
            }
            $from = max($from, $ring->outer);
        }

        return $gaps;
    }
}
