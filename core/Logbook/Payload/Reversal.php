<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** Takes another entry out of force: an undo, a correction, or the undo of an undo. */
final readonly class Reversal implements Payload
{
    public const UNDO = 'undo';
    public const CORRECTION = 'correction';

    /** @param self::UNDO|self::CORRECTION $why */
    public function __construct(public string $why)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self(self::CORRECTION === $fields->text('why') ? self::CORRECTION : self::UNDO);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Reversal;
    }

    public function toArray(): array
    {
        return ['why' => $this->why];
    }
}
