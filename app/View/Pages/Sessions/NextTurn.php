<?php

declare(strict_types=1);

namespace App\View\Pages\Sessions;

use App\Care\Sessions\RunningSession;
use App\Models\Round;
use App\Models\User;
use App\Support\Scalar;
use App\View\Words\Dates;
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
        private RunningSession $running,
        public ?Round $round,
        public ?Block $block,
        public ?\DateTimeImmutable $at,
    ) {
    }

    public static function of(RunningSession $running, User $person): self
    {
        $hand = array_search($person->id, $running->session->people, true);
        if (false === $hand) {
            return new self($running, null, null, null);
        }

        return self::ofHand($running, $hand);
    }

    public static function ofHand(RunningSession $running, int $hand): self
    {
        $block = $running->turnsOf($hand)[0] ?? null;
        $start = null === $block ? INF : $running->fitted->schedule->starts[$block->activity->id];
        if (null !== $block && $start <= self::SOON) {
            return new self($running, $running->rounds[$block->round] ?? null, $block, null);
        }
        $unfinished = $running->unfinished()[0] ?? null;
        if (null !== $unfinished) {
            return new self($running, $unfinished, null, null);
        }

        return new self($running, null, $block, null === $block ? null : $running->at($start));
    }

    /** What one does: the title of its first step. */
    public function what(): string
    {
        return match (true) {
            null === $this->block => self::text('finish'),
            null !== $this->block->clears => $this->block->clears,
            default => $this->block->steps[0]->title ?? '',
        };
    }

    public function machine(): string
    {
        $round = $this->round ?? $this->running->rounds[$this->block->round ?? ''] ?? null;

        return $round->machine->name ?? '';
    }

    /** Said to somebody who is sent from one machine to another. */
    public function sentence(): string
    {
        $wait = null;
        foreach ($this->running->fitted->blocks as $block) {
            $wait ??= null !== $block->wait && $block->isRunning && $block->round !== $this->round?->machine_id ? $block : null;
        }
        $values = ['machine' => $this->machine()];

        return null === $wait ? self::text('turn', $values) : self::text('turn_while', $values + [
            'wait' => (string) $wait->wait,
            'until' => Dates::time($this->running->at($wait->activity->minutes), $this->running->household->zone()),
        ]);
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("plan.$key", $values));
    }
}
