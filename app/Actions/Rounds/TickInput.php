<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use GoodRinse\Core\Round\Tick;

/** A tick as it was sent. */
final readonly class TickInput
{
    /**
     * @param string $id ULID from the device
     * @param bool $overruled the person goes on although the answer does not pass
     * @param float $share how much was poured, as a share of what the step says
     * @param float|null $strength % of what was poured, where it is another than the step says
     * @param bool $happened it was poured although keep-apart refuses it
     * @param string $how one of Tick's constants
     * @param array<array-key, mixed> $readings what was filled in, by reading
     * @param list<string> $missing kit ids that were not at hand
     * @param array<string, int> $leftOver pieces that did not go back, how many of each by name
     * @param bool $knows the machine runs although something is off it, and the person said so
     * @param string|null $also answer to what is asked with a grade
     * @param string|null $wait length picked for the wait it starts
     * @param bool $ended a running machine has ended before its time, and the person said so
     * @param int|null $ago seconds since it was done, where the device could not send it at once
     * @param string|null $map drawing of the spray arms
     * @param bool $sure the person has looked at an odd number again
     */
    public function __construct(
        public string $id,
        public string $step,
        public ?string $answer = null,
        public ?string $note = null,
        public bool $overruled = false,
        public float $share = 1.0,
        public ?float $strength = null,
        public bool $happened = false,
        public string $how = Tick::DONE,
        public array $readings = [],
        public array $missing = [],
        public array $leftOver = [],
        public bool $knows = false,
        public ?int $ago = null,
        public ?string $also = null,
        public ?string $wait = null,
        public bool $ended = false,
        public ?string $map = null,
        public bool $sure = false,
    ) {
    }

    /** Whether it was done while the device was cut off, and so has happened already. */
    public function isLate(): bool
    {
        return null !== $this->ago;
    }
}
