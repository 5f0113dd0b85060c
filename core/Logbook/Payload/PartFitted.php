<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

/** A new part went into the machine: a cartridge, a carbon filter. */
final readonly class PartFitted implements Payload
{
    public function __construct(public string $part)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('part'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::PartFitted;
    }

    public function toArray(): array
    {
        return ['part' => $this->part];
    }
}
