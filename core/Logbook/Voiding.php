<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

/** Takes another entry out of force: an undo, a correction, or the undo of an undo. */
final readonly class Voiding implements Payload
{
    public const UNDO = 'undo';
    public const CORRECTION = 'correction';

    /** @param self::UNDO|self::CORRECTION $why */
    public function __construct(public string $why)
    {
    }

    public function kind(): EntryKind
    {
        return EntryKind::Voiding;
    }

    public function toArray(): array
    {
        return ['why' => $this->why];
    }
}
