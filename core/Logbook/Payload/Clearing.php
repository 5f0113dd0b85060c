<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** A vessel was freed of what was in it. */
final readonly class Clearing implements Payload
{
    /** @param string $by rinse, flush or plain-cycle */
    public function __construct(public string $vessel, public string $by)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('vessel'), $fields->text('by'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Clearing;
    }

    public function toArray(): array
    {
        return ['vessel' => $this->vessel, 'by' => $this->by];
    }
}
