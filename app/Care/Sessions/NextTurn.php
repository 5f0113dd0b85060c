<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Models\Machine;
use App\Models\Round;
use GoodRinse\Core\Plan\Rounds\Block;

/** What one person of a session does next. */
final readonly class NextTurn
{
    /** Minutes before its time at which a turn has come. */
    private const SOON = 1.0;

    /**
     * @param Round|null $round to go on with now; null while there is nothing to do
     * @param Block|null $block its next steps, or those of the turn after the wait; null where only finishing is left
     * @param \DateTimeImmutable|null $at when the next turn comes, where it has not
     */
    private function __construct(
        public RunningSession $running,
        public ?Round $round,
        public ?Block $block,
        public ?\DateTimeImmutable $at,
    ) {
    }

    /** @param int $person id; somebody who is not in it has no turn */
    public static function of(RunningSession $running, int $person): self
    {
        $hand = array_search($person, $running->session->people, true);
        if (false === $hand) {
            return new self($running, null, null, null);
        }
        $block = $running->turnsOf($hand)[0] ?? null;
        $start = null === $block ? INF : $running->fitted->schedule->starts[$block->activity->id];
        $taken = $running->taken($person);
        if (null !== $block) {
            $round = $running->rounds[$block->round] ?? null;
            // Nobody comes early to where somebody else is still at it.
            if ($start <= (in_array($round?->id, $taken, true) ? 0.0 : self::SOON)) {
                return new self($running, $round, $block, null);
            }
        }
        foreach ($running->unfinished() as $round) {
            if (!in_array($round->id, $taken, true)) {
                return new self($running, $round, null, null);
            }
        }

        return new self($running, null, $block, null === $block ? null : $running->at($start));
    }

    public function machine(): ?Machine
    {
        return ($this->round ?? $this->running->rounds[$this->block->round ?? ''] ?? null)?->machine;
    }

    /** A wait on another machine that runs meanwhile; null when none does. */
    public function meanwhile(): ?Block
    {
        foreach ($this->running->fitted->blocks as $block) {
            if (null !== $block->wait && $block->isRunning && $block->round !== $this->round?->machine_id) {
                return $block;
            }
        }

        return null;
    }
}
