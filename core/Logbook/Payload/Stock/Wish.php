<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload\Stock;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\PayloadFields;

/** Somebody put a supply on the shopping list, or took it off; it stands until it is bought. */
final readonly class Wish implements Payload
{
    /**
     * @param string $supply id
     * @param int $count packages, 0 to 1000; 0 to leave it off the list
     *
     * @throws MalformedEntry for another count
     */
    public function __construct(public string $supply, public int $count = 1)
    {
        if ($count < 0 || $count > Purchase::MOST_PACKAGES) {
            throw MalformedEntry::value(EntryKind::Wish, 'count');
        }
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('supply'), $fields->optionalInteger('count') ?? 1);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Wish;
    }

    public function toArray(): array
    {
        return ['supply' => $this->supply, 'count' => $this->count];
    }
}
