<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Day;

/** Nobody uses the machine for a while, both days included. */
final readonly class Absence implements Payload
{
    /**
     * @param string $reason in the person's words
     *
     * @throws MalformedEntry when it ends before it begins
     */
    public function __construct(public Day $from, public Day $to, public string $reason)
    {
        if ($from->isAfter($to)) {
            throw MalformedEntry::value(EntryKind::Away, 'to');
        }
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->day('from'), $fields->day('to'), $fields->text('reason'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Away;
    }

    public function toArray(): array
    {
        return ['from' => (string) $this->from, 'to' => (string) $this->to, 'reason' => $this->reason];
    }
}
