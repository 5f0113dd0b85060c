<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

/** A step that somebody marked done, or answered. */
final readonly class Tick
{
    /**
     * @param string             $id        ULID made where the step was done
     * @param \DateTimeImmutable $at        in UTC
     * @param string|null        $answer    to the step's question
     * @param bool               $overruled the person goes on although the answer does not pass
     */
    public function __construct(
        public string $id,
        public string $step,
        public \DateTimeImmutable $at,
        public ?string $answer = null,
        public bool $overruled = false,
    ) {
    }
}
