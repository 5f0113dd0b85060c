<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Models\Household;
use Random\Randomizer;

/** Choices of a seeded household. */
trait ThrownDice
{
    private readonly Randomizer $dice;

    public function number(int $least, int $most): int
    {
        return $this->dice->getInt($least, $most);
    }

    /** Once in so many times. */
    public function chance(int $in): bool
    {
        return 1 === $this->number(1, $in);
    }

    /**
     * @template T
     *
     * @param non-empty-array<T> $of
     *
     * @return T
     */
    public function pick(array $of): mixed
    {
        $of = array_values($of);

        return $of[$this->number(0, count($of) - 1)];
    }
}
