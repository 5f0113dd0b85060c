<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\NoSuchDay;
use GoodRinse\Core\Quantity\QuantityOutOfRange;

/** A place in a JSON document, read strictly: nothing missing, nothing extra, nothing of another type. */
final readonly class Json
{
    private const LARGEST = 1e9;
    private const DEEPEST = 100;

    private function __construct(private mixed $value, private string $pointer)
    {
    }

    /** @throws BadInput when the text is not JSON, or nested deeper than 100 */
    public static function parse(string $text): self
    {
        try {
            return new self(json_decode($text, false, self::DEEPEST, JSON_THROW_ON_ERROR), '');
        } catch (\JsonException $e) {
            throw BadInput::at('', 'not a JSON document: '.$e->getMessage());
        }
    }

    /** The document as it was decoded. */
    public function raw(): mixed
    {
        return $this->value;
    }

    /**
     * The members of an object that must have exactly these keys.
     *
     * @param list<string> $keys
     *
     * @return array<string, self>
     *
     * @throws BadInput
     */
    public function object(array $keys): array
    {
        if (!$this->value instanceof \stdClass) {
            throw $this->bad('must be an object');
        }
        $there = get_object_vars($this->value);
        $members = [];
        foreach ($there as $key => $value) {
            $member = new self($value, $this->pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key));
            if (!in_array((string) $key, $keys, true)) {
                throw $member->bad('unknown key');
            }
            $members[(string) $key] = $member;
        }
        foreach ($keys as $key) {
            if (!isset($members[$key])) {
                throw BadInput::at("$this->pointer/$key", 'is required');
            }
        }

        return $members;
    }

    /**
     * @return list<self>
     *
     * @throws BadInput
     */
    public function list(int $atLeast = 0): array
    {
        if (!is_array($this->value)) {
            throw $this->bad('must be a list');
        }
        if (count($this->value) < $atLeast) {
            throw $this->bad("must hold at least $atLeast");
        }
        $items = [];
        foreach (array_values($this->value) as $i => $item) {
            $items[] = new self($item, "$this->pointer/$i");
        }

        return $items;
    }

    /**
     * The members of an object that may have any keys.
     *
     * @return array<array-key, self>
     *
     * @throws BadInput
     */
    public function members(): array
    {
        if (!$this->value instanceof \stdClass) {
            throw $this->bad('must be an object');
        }
        $members = [];
        foreach (get_object_vars($this->value) as $key => $value) {
            $members[$key] = new self($value, $this->pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key));
        }

        return $members;
    }

    /** Whether it is an object that has this key. */
    public function has(string $key): bool
    {
        return $this->value instanceof \stdClass && property_exists($this->value, $key);
    }

    /** @throws BadInput unless true or false */
    public function flag(): bool
    {
        return is_bool($this->value) ? $this->value : throw $this->bad('must be true or false');
    }

    /** @throws BadInput unless a finite number of at most 1e9 either way, from the least allowed on */
    public function number(float $least = -self::LARGEST): float
    {
        if (!is_int($this->value) && !is_float($this->value)) {
            throw $this->bad('must be a number');
        }
        $number = (float) $this->value;
        if (!is_finite($number) || abs($number) > self::LARGEST) {
            throw $this->bad('must be a finite number of at most 1e9');
        }
        if ($number < $least) {
            throw $this->bad(sprintf('must be at least %s', $least));
        }

        return $number;
    }

    /** @throws BadInput unless a number above 0 */
    public function positive(): float
    {
        $number = $this->number();

        return $number > 0 ? $number : throw $this->bad('must be greater than 0');
    }

    /** @throws BadInput unless a number from 0 to 1 */
    public function fraction(): Fraction
    {
        try {
            return Fraction::of($this->number());
        } catch (QuantityOutOfRange) {
            throw $this->bad('must be a fraction from 0 to 1');
        }
    }

    /** @throws BadInput unless a day that exists, YYYY-MM-DD */
    public function day(): Day
    {
        try {
            return Day::of($this->text());
        } catch (NoSuchDay $e) {
            throw $this->bad($e->getMessage());
        }
    }

    /** @throws BadInput unless text that is not empty */
    public function text(): string
    {
        return is_string($this->value) && '' !== $this->value ? $this->value : throw $this->bad('must be text');
    }

    public function bad(string $problem): BadInput
    {
        return BadInput::at($this->pointer, $problem);
    }
}
