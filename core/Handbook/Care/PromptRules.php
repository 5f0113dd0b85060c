<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Quantity\Day;

/** When a person is asked something that nothing else tells, as the handbook's asking.yaml states it. */
final readonly class PromptRules
{
    /**
     * @param int $countAfterDays days without a count after which it is asked how many uses there were
     * @param int $freshDays days for which an opening tells how a part is
     * @param int $heldAfterUses uses after which a fix is asked after
     * @param int $heldAfterDays days after which it is, where nothing is counted
     * @param int $lookWithinDays days within which a part of which nothing is known is looked at
     * @param int $reopenDays days within which the same symptom says that a fix did not hold
     */
    public function __construct(
        public int $countAfterDays,
        public int $freshDays,
        public int $heldAfterUses,
        public int $heldAfterDays,
        public int $lookWithinDays = 14,
        public int $reopenDays = 14,
    ) {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        $held = $node->at('heldAfter');

        return new self(
            (int) $node->number('countAfterDays'),
            (int) $node->number('freshDays'),
            (int) $held->number('uses'),
            (int) $held->number('days'),
            (int) $node->number('lookWithinDays'),
            (int) $node->number('reopenDays'),
        );
    }

    /**
     * Whether to ask about how many uses there were lately.
     *
     * @param float $counted uses of the last countAfterDays days
     * @param int $absent of these days, those on which nobody was there
     */
    public function wantsCount(float $counted, Day $known, int $absent, Day $today): bool
    {
        return 0.0 === $counted && 0 === $absent && $today->since($known) >= $this->countAfterDays;
    }

    /** Whether an opening still tells how the part is. */
    public function isFresh(Day $opened, Day $today): bool
    {
        return $today->since($opened) <= $this->freshDays;
    }

    /**
     * Whether to ask if a fix held.
     *
     * @param float $uses known since
     */
    public function asksWhetherItHeld(float $uses, \DateTimeImmutable $fixedAt, \DateTimeImmutable $now): bool
    {
        return $uses >= $this->heldAfterUses || $fixedAt->modify("+$this->heldAfterDays days") <= $now;
    }
}
