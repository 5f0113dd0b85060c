<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Kit;

/** On what it hangs whether something of the kit is needed. */
final readonly class KitReason
{
    /**
     * @param bool $isDirt whether it hangs on how dirty a part is
     * @param list<string> $answers names of the answers that ask for it, those that tell how dirty it is left out
     */
    public function __construct(public bool $isDirt, public array $answers)
    {
    }

    /** When one or the other holds; null when one of them holds always. */
    public static function either(?self $one, ?self $other): ?self
    {
        return null === $one || null === $other ? null : new self(
            $one->isDirt || $other->isDirt,
            array_values(array_unique([...$one->answers, ...$other->answers])),
        );
    }
}
