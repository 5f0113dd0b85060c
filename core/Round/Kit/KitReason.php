<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round\Kit;

/** On what it hangs whether something of the kit is needed. */
final readonly class KitReason
{
    /**
     * @param bool $isDirt whether it hangs on how dirty a part is
     * @param list<string> $answers names of the answers that ask for it
     */
    public function __construct(public bool $isDirt, public array $answers)
    {
    }
}
