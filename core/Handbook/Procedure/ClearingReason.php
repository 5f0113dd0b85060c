<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

/** Why a clearing was put into a round. */
final readonly class ClearingReason
{
    /**
     * @param string $agent that is poured next
     * @param list<array{string, string}> $poured what is still in the vessel, with the logbook entry that says so
     */
    public function __construct(public string $agent, public array $poured)
    {
    }
}
