<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

/** What is off a machine in a round, and what did not go by the book. */
final readonly class Tray
{
    /**
     * @param list<string> $off parts that are off, in the order they came off
     * @param list<string> $leftOn parts that were not taken off
     * @param list<string> $early parts that went back before their turn
     * @param array<string, array<string, int>> $leftOver pieces that did not go back with a part, how many of each by
     *     name, by part
     * @param bool $isReturned whether something came off and everything is back
     */
    public function __construct(
        public array $off,
        public array $leftOn,
        public array $early,
        public array $leftOver,
        public bool $isReturned = false,
    ) {
    }

    public function isEmpty(): bool
    {
        return [] === $this->off && [] === $this->leftOver;
    }

    public static function of(Progress $progress): self
    {
        $off = $leftOn = $early = $leftOver = [];
        $current = $progress->current();
        $turn = null === $current ? PHP_INT_MAX : (int) array_search($current, $progress->steps(), true);
        foreach ($progress->procedure->steps as $step) {
            if (null !== $step->takesOff && $progress->isSkipped($step)) {
                $leftOn[] = $step->takesOff;
            }
        }
        foreach ($progress->steps() as $i => $step) {
            if ($progress->isDone($step) && !$progress->isSkipped($step)) {
                if (null !== $step->takesOff) {
                    $off[] = $step->takesOff;
                }
                if (null !== $step->putsBack) {
                    $off = array_values(array_diff($off, [$step->putsBack]));
                    $leftOver[$step->putsBack] = $progress->tick($step)->details->leftOver ?? [];
                    $early = $i > $turn ? [...$early, $step->putsBack] : $early;
                }
            }
        }

        return new self($off, $leftOn, $early, array_filter($leftOver), [] === $off && [] !== $leftOver);
    }
}
