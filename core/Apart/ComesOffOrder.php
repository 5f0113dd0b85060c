<?php

declare(strict_types=1);

namespace GoodRinse\Core\Apart;

use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Order\OrderConflict;

/** Which parts of a machine come off before which, as the handbook has it and the household has set it right. */
final readonly class ComesOffOrder
{
    /**
     * @param array<string, string> $traits of the machine
     * @param array<string, OwnWay> $own what the household set right, by part
     */
    public function __construct(private MachineKind $kind, private array $traits, private array $own)
    {
    }

    /** @return list<string> parts that come off before a part */
    public function before(string $part): array
    {
        $first = $this->own[$part]->first ?? ($this->kind->hasPart($part) ? $this->kind->part($part)->coveredBy($this->traits) : []);

        return array_values(array_filter(
            $first,
            fn (string $each): bool => $this->kind->hasPart($each) && $this->kind->part($each)->when->holds($this->traits),
        ));
    }

    /**
     * Follows the order from a part upward.
     *
     * @throws OrderConflict naming the parts that wait for each other, when it leads back to where it has been
     */
    public function check(string $part): void
    {
        $this->follow($part, []);
    }

    /** @param list<string> $below */
    private function follow(string $part, array $below): void
    {
        $path = [...$below, $part];
        if (in_array($part, $below, true)) {
            $circle = array_slice($path, (int) array_search($part, $below, true));
            throw OrderConflict::circle(
                array_map(
                    fn (string $each): string => $this->kind->hasPart($each)
                        ? mb_strtolower($this->kind->part($each)->name($this->traits))
                        : $each,
                    $circle,
                ),
            );
        }
        foreach ($this->before($part) as $cover) {
            $this->follow($cover, $path);
        }
    }
}
