<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** A new part went into the machine: a cartridge, a carbon filter. */
final readonly class PartFitted implements Payload
{
    /**
     * @param float|null $price paid for it, in the household's money, 0 or more
     * @param string|null $warranty last day of its warranty, as YYYY-MM-DD
     *
     * @throws MalformedEntry for a price below 0 or a day that does not exist
     */
    public function __construct(public string $part, public ?float $price = null, public ?string $warranty = null)
    {
        if (null !== $price && ($price < 0 || !is_finite($price))) {
            throw MalformedEntry::value(EntryKind::PartFitted, 'price');
        }
        if (null !== $warranty && 1 !== preg_match('/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/D', $warranty)) {
            throw MalformedEntry::value(EntryKind::PartFitted, 'warranty');
        }
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('part'), $fields->optionalNumber('price'), $fields->optionalText('warranty'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::PartFitted;
    }

    public function toArray(): array
    {
        return ['part' => $this->part] + array_filter(
            ['price' => $this->price, 'warranty' => $this->warranty],
            static fn (mixed $each): bool => null !== $each,
        );
    }
}
