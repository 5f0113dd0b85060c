<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** A new part went into the machine: a cartridge, a carbon filter. */
final readonly class PartFitted implements Payload
{
    /**
     * @param float|null $price paid for it, in the household's money, 0 or more
     *
     * @throws MalformedEntry for a price below 0
     */
    public function __construct(public string $part, public ?float $price = null)
    {
        if (null !== $price && ($price < 0 || !is_finite($price))) {
            throw MalformedEntry::value(EntryKind::PartFitted, 'price');
        }
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('part'), $fields->optionalNumber('price'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::PartFitted;
    }

    public function toArray(): array
    {
        return ['part' => $this->part] + (null === $this->price ? [] : ['price' => $this->price]);
    }
}
