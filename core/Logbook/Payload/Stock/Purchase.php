<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload\Stock;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Portion;

/** Packages of a supply came into the house. */
final readonly class Purchase implements Payload
{
    public const MOST_PACKAGES = 1000;
    public const LONGEST = 80;

    /**
     * @param string $supply id of the agent
     * @param Portion $package what one of them holds, above 0
     * @param int $count packages, 1 to 1000
     * @param float|null $price of all of them, in the household's money, 0 or more; null where nobody said
     * @param string|null $currency sign of that money; null where the household had not said
     *
     * @throws MalformedEntry for an empty package, no package, a price below 0 or too long a name
     */
    public function __construct(
        public string $supply,
        public Portion $package,
        public int $count = 1,
        public ?float $price = null,
        public ?string $shop = null,
        public ?string $currency = null,
    ) {
        $wrong = match (true) {
            $package->count <= 0 => $package->unit->value,
            $count < 1 || $count > self::MOST_PACKAGES => 'count',
            null !== $price && ($price < 0 || !is_finite($price)) => 'price',
            mb_strlen((string) $shop) > self::LONGEST => 'shop',
            mb_strlen((string) $currency) > self::LONGEST => 'currency',
            default => null,
        };
        if (null !== $wrong) {
            throw MalformedEntry::value(EntryKind::Purchase, $wrong);
        }
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self(
            $fields->text('supply'),
            $fields->portion() ?? throw MalformedEntry::value(EntryKind::Purchase, 'package'),
            $fields->optionalInteger('count') ?? 1,
            $fields->optionalNumber('price'),
            $fields->optionalText('shop'),
            $fields->optionalText('currency'),
        );
    }

    public function kind(): EntryKind
    {
        return EntryKind::Purchase;
    }

    /** What came in, all packages together. */
    public function all(): Portion
    {
        return $this->package->times($this->count);
    }

    public function toArray(): array
    {
        return ['supply' => $this->supply, $this->package->unit->value => $this->package->count, 'count' => $this->count]
            + array_filter(
                ['price' => $this->price, 'shop' => $this->shop, 'currency' => $this->currency],
                static fn (mixed $each): bool => null !== $each,
            );
    }
}
