<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

use GoodRinse\Core\Handbook\Compiler\Node;

/** When something goes on the shopping list, as the handbook's cupboard.yaml states it. */
final readonly class ShoppingRule
{
    private const MONTH = 30.4375;

    /**
     * @param int $reach days from today that what is bought, with what is there, is enough for, 1 or more
     * @param int $tell days before a job on which it is told that something for it is missing, 0 or more
     * @param int $useful days over which a larger package may be used up, 1 or more
     */
    public function __construct(public int $reach, public int $tell, public int $useful)
    {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        return new self((int) $node->number('reach'), (int) $node->number('tell'), (int) $node->number('useful'));
    }

    /** Days over which a package of a supply may be used up, before it is too old. */
    public function usefulDays(Supply $supply): int
    {
        return null === $supply->keeps ? $this->useful : min($this->useful, (int) ($supply->keeps * self::MONTH));
    }
}
