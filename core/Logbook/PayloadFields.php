<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\NoSuchDay;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Quantity\QuantityOutOfRange;

/** The stored fields of a payload, read by type. Every reader throws MalformedEntry for a field that is not what it should be. */
final readonly class PayloadFields
{
    /** @param array<array-key, mixed> $data as Payload::toArray() made it */
    public function __construct(private EntryKind $kind, private array $data)
    {
    }

    /** @throws MalformedEntry */
    public function text(string $key): string
    {
        return is_string($this->data[$key] ?? null) ? $this->data[$key] : throw MalformedEntry::value($this->kind, $key);
    }

    /** @throws MalformedEntry */
    public function optionalText(string $key): ?string
    {
        return isset($this->data[$key]) ? $this->text($key) : null;
    }

    /** @throws MalformedEntry */
    public function number(string $key): float
    {
        $number = $this->data[$key] ?? null;

        return is_int($number) || is_float($number) ? (float) $number : throw MalformedEntry::value($this->kind, $key);
    }

    /** @throws MalformedEntry */
    public function optionalNumber(string $key): ?float
    {
        return isset($this->data[$key]) ? $this->number($key) : null;
    }

    /** @throws MalformedEntry */
    public function optionalInteger(string $key): ?int
    {
        return isset($this->data[$key]) ? (int) $this->number($key) : null;
    }

    /** Whether a field is true; what is missing is as $missing says. */
    public function flag(string $key, bool $missing = false): bool
    {
        return $missing ? false !== ($this->data[$key] ?? true) : true === ($this->data[$key] ?? null);
    }

    /** @throws MalformedEntry */
    public function fraction(string $key): Fraction
    {
        try {
            return Fraction::of($this->number($key));
        } catch (QuantityOutOfRange) {
            throw MalformedEntry::value($this->kind, $key);
        }
    }

    /** @throws MalformedEntry */
    public function optionalFraction(string $key): ?Fraction
    {
        return isset($this->data[$key]) ? $this->fraction($key) : null;
    }

    /** @throws MalformedEntry */
    public function day(string $key): Day
    {
        try {
            return Day::of($this->text($key));
        } catch (NoSuchDay) {
            throw MalformedEntry::value($this->kind, $key);
        }
    }

    /**
     * @return list<string> texts that were stored with commas between them
     *
     * @throws MalformedEntry
     */
    public function texts(string $key): array
    {
        return array_values(array_filter(explode(',', $this->text($key)), static fn (string $text): bool => '' !== $text));
    }

    /**
     * The measured amount, stored under the name of its unit; null where nothing was measured.
     *
     * @throws MalformedEntry
     */
    public function portion(): ?Portion
    {
        foreach (PortionUnit::cases() as $unit) {
            if (isset($this->data[$unit->value])) {
                try {
                    return Portion::of($this->number($unit->value), $unit);
                } catch (QuantityOutOfRange) {
                    throw MalformedEntry::value($this->kind, $unit->value);
                }
            }
        }

        return null;
    }
}
