<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace\Machine;

use GoodRinse\Core\Trace\ConfirmedCauses;
use GoodRinse\Core\Trace\Prices;

/** One machine and what is known of its trouble before it is worked out. */
final readonly class FaultCase
{
    /**
     * @param array<string, string> $traits
     * @param list<string> $present symptoms that were noticed
     * @param list<string> $absent symptoms that somebody looked for and did not find
     * @param array<string, float|null> $wear of each care task now, 0 or more, 1 when it is due; null where no clock tells
     * @param list<array{string, string}> $answers check and result, in the order they were given: they say what is open
     * @param list<string> $known checks that something else has answered, at another time
     */
    public function __construct(
        public array $traits,
        public Prices $prices,
        public array $present,
        public array $absent = [],
        public ConfirmedCauses $confirmed = new ConfirmedCauses(),
        public array $wear = [],
        public array $answers = [],
        public array $known = [],
    ) {
    }
}
