<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Scale;

use GoodRinse\Core\Quantity\Fraction;

/** What a part is compared with: drawn steps from clean to worst, each a share of the part that is soiled. */
final readonly class Scale
{
    /** @param non-empty-list<Grade> $grades the clean one first */
    public function __construct(public string $id, public array $grades)
    {
    }

    public function clean(): Grade
    {
        return $this->grades[0];
    }

    /** The grade of what was counted or measured: clean only where nothing at all is soiled, else the nearest that is not. */
    public function measured(Fraction $soiled): Grade
    {
        $nearest = $this->nearest($soiled);

        return $nearest === $this->clean() && $soiled->value > 0.0 ? $this->grades[1] ?? $nearest : $nearest;
    }

    /** The grade that a soiled fraction lies nearest to. */
    public function nearest(Fraction $soiled): Grade
    {
        $nearest = $this->grades[0];
        foreach ($this->grades as $grade) {
            if (abs($grade->fraction->value - $soiled->value) < abs($nearest->fraction->value - $soiled->value)) {
                $nearest = $grade;
            }
        }

        return $nearest;
    }
}
