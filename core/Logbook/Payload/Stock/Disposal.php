<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload\Stock;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Portion;

/** Some of a supply was thrown away or given away. */
final readonly class Disposal implements Payload
{
    /**
     * @param string $supply id of the agent
     * @param Portion $gone 0 or more
     */
    public function __construct(public string $supply, public Portion $gone)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('supply'), $fields->portion() ?? throw MalformedEntry::value(EntryKind::Disposal, 'gone'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Disposal;
    }

    public function toArray(): array
    {
        return ['supply' => $this->supply, $this->gone->unit->value => $this->gone->count];
    }
}
