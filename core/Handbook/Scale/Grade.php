<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Scale;

use GoodRinse\Core\Quantity\Fraction;

/** One drawn step of a scale, which a person holds the real part against. */
final readonly class Grade
{
    public function __construct(
        public string $id,
        public Fraction $fraction,
        public string $name,
        public string $look,
        public string $scale = Scales::MESH,
    ) {
    }
}
