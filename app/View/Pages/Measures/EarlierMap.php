<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

/** A map of the arms that was drawn before. */
final readonly class EarlierMap
{
    /**
     * @param string $day when it was drawn, in words
     * @param string $was what it was taken for, in words
     * @param list<ArmView> $arms those that the machine still has
     */
    public function __construct(
        public string $id,
        public \DateTimeImmutable $at,
        public string $means,
        public string $day,
        public string $was,
        public array $arms,
    ) {
    }
}
