<?php

declare(strict_types=1);

namespace GoodRinse\Core\Usage;

/** Everything that was said of how much a machine was used, in days with fractions and in uses. */
final readonly class UseRecord
{
    /**
     * @param list<array{float, float}> $taps time and uses, 0 or more, in any order
     * @param list<array{float, float, float}> $told from, to (excluded, later) and uses, 0 or more, in the order they
     *     were recorded
     * @param array<string, list<array{float, float}>> $meters times and totals of each counter, in any order, no two at
     *     one time
     * @param list<array{float, float}> $away from and to (excluded, later) of times when nobody was there
     * @param TapTrack|null $earlier taps that are settled already, all earlier than those above
     */
    public function __construct(
        public array $taps = [],
        public array $told = [],
        public array $meters = [],
        public array $away = [],
        public ?TapTrack $earlier = null,
    ) {
    }
}
