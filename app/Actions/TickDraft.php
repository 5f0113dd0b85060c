<?php

declare(strict_types=1);

namespace App\Actions;

/** A tick as it was sent. */
final readonly class TickDraft
{
    /**
     * @param string     $id        ULID from the device
     * @param bool       $overruled the person goes on although the answer does not pass
     * @param float      $share     how much was poured, as a share of what the step says
     * @param float|null $strength  % of what was poured, where it is another than the step says
     * @param bool       $happened  it was poured although keep-apart refuses it
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
    ) {
    }
}
