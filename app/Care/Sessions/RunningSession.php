<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Models\CareSession;
use App\Models\Household;
use App\Models\Round;
use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Round\Progress;

/** A session that goes on: what is left of it from this moment, and who does it when. */
final readonly class RunningSession
{
    /**
     * @param array<string, Round> $rounds that have not ended, by machine
     * @param array<string, Progress> $progress by machine
     * @param list<string> $names of those who do it, by the number of their hands
     */
    public function __construct(
        public CareSession $session,
        public Household $household,
        public FittedRounds $fitted,
        public array $rounds,
        public array $progress,
        public array $names,
        public \DateTimeImmutable $now,
    ) {
    }

    /** @return list<Block> that these hands do, in their order */
    public function turnsOf(int $hand): array
    {
        $hands = SessionScheduler::hands(max(1, count($this->names)))[$hand] ?? '';

        return array_values(array_filter(
            $this->fitted->blocks,
            fn (Block $block): bool => null === $block->wait && (
                in_array($hands, $block->activity->needs, true) || ($this->fitted->schedule->given[$block->activity->id] ?? '') === $hands
            ),
        ));
    }

    /** @return list<Round> of which every step is done, and nobody has said that it is finished */
    public function unfinished(): array
    {
        return array_values(array_filter(
            $this->rounds,
            fn (Round $round): bool => null === $this->progress[$round->machine_id]->current(),
        ));
    }

    /** @return list<string> rounds that others are at */
    public function taken(int $person): array
    {
        return array_values(array_map(
            static fn (array $turn): string => $turn['round'],
            array_diff_key($this->session->turns, [$person => true]),
        ));
    }

    /** When something was last ticked; when it began, before the first. */
    public function lastAt(): \DateTimeImmutable
    {
        $last = $this->session->started_at->toDateTimeImmutable();
        foreach ($this->progress as $progress) {
            $last = max($last, $progress->lastAt() ?? $last);
        }

        return $last;
    }

    public function at(float $minutes): \DateTimeImmutable
    {
        return $this->now->modify(sprintf('+%d seconds', (int) ceil($minutes * 60)));
    }
}
