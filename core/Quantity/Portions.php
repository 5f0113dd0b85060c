<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** What is taken of one agent in all: volumes, masses and pieces apart, as nothing is lost by adding them. */
final readonly class Portions
{
    /** @param array<string, Portion> $by unit */
    private function __construct(private array $by)
    {
    }

    public static function of(Portion $portion): self
    {
        return new self([$portion->unit->value => $portion]);
    }

    public function plus(Portion $portion): self
    {
        $unit = $portion->unit->value;

        return new self(array_replace($this->by, [$unit => isset($this->by[$unit]) ? $this->by[$unit]->plus($portion) : $portion]));
    }

    /** The larger of the two in each unit. */
    public function largest(self $other): self
    {
        $by = $this->by;
        foreach ($other->by as $unit => $portion) {
            $by[$unit] = isset($by[$unit]) && $by[$unit]->count >= $portion->count ? $by[$unit] : $portion;
        }

        return new self($by);
    }

    /** @return list<Portion> one of each unit */
    public function all(): array
    {
        return array_values($this->by);
    }

    /** As a person measures it, "80 ml and 50 g". */
    public function inKitchen(Measures $measures): string
    {
        return implode(' and ', array_map(static fn (Portion $portion): string => $portion->inKitchen($measures), $this->all()));
    }
}
