<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Machine;

use GoodRinse\Core\Handbook\Procedure\Condition;

/** A vessel that belongs to a machine of a kind. */
final readonly class OwnVessel
{
    /**
     * @param string $id of a vessel of the keep-apart rules
     * @param string|null $name what it is called on this kind; null for the vessel's own name
     * @param list<array{Condition, string}> $walls surfaces of its walls, by trait; all that hold count
     * @param string|null $holds trait that says how many millilitres it holds
     */
    public function __construct(public string $id, public ?string $name, private array $walls, public ?string $holds)
    {
    }

    /**
     * Ids of the surfaces of its walls.
     *
     * @param array<string, string> $traits
     *
     * @return list<string>
     */
    public function walls(array $traits): array
    {
        $surfaces = [];
        foreach ($this->walls as [$condition, $surface]) {
            if ($condition->holds($traits)) {
                $surfaces[] = $surface;
            }
        }

        return $surfaces;
    }
}
