<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload\Stock;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Portion;

/** Somebody looked how much of a supply is left. */
final readonly class StockLook implements Payload
{
    /**
     * @param string $supply id of the agent
     * @param Portion $left 0 or more
     */
    public function __construct(public string $supply, public Portion $left)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('supply'), $fields->portion() ?? throw MalformedEntry::value(EntryKind::StockLook, 'left'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::StockLook;
    }

    public function toArray(): array
    {
        return ['supply' => $this->supply, $this->left->unit->value => $this->left->count];
    }
}
