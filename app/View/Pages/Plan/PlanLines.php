<?php

declare(strict_types=1);

namespace App\View\Pages\Plan;

use App\Care\Sessions\FittedRounds;
use App\Care\Sessions\SessionScheduler;
use App\Support\Scalar;
use App\View\Drawing\PlanLanes;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Plan\Rounds\RoundBlocks;

/** A plan as lines of a running order, and as lanes. */
final readonly class PlanLines
{
    /** Steps named of those that are done in one go. */
    private const NAMED = 3;
    /** Minutes of a gap that are worth speaking of. */
    private const GAP = 5.0;

    /**
     * @param array<string, string> $machines names by id
     * @param list<string> $people names, by the number of their hands
     * @param array<string, string> $at hours that were set, by block
     * @param array<string, int> $by number of the hands that were set, by block
     */
    public function __construct(
        private FittedRounds $fitted,
        private array $machines,
        private PlanTimes $times,
        private array $people,
        private array $at = [],
        private array $by = [],
    ) {
    }

    /** @return list<PlanLine> in the order in which they begin */
    public function lines(): array
    {
        $lines = $free = [];
        $number = 0;
        $hands = SessionScheduler::hands(count($this->people));
        foreach ($this->fitted->blocks as $block) {
            $id = $block->activity->id;
            $start = $this->fitted->schedule->starts[$id];
            $end = $start + $block->activity->minutes;
            $isHanded = null === $block->wait;
            $hand = $isHanded ? (int) array_search($this->hand($block), $hands, true) : 0;
            $gap = $isHanded && isset($free[$hand]) ? $start - $free[$hand] : 0.0;
            if ($isHanded) {
                $free[$hand] = max($free[$hand] ?? 0.0, $end);
            }
            $lines[] = new PlanLine(
                $id,
                $isHanded ? ++$number : null,
                $start,
                $block->activity->minutes,
                $this->times->clock($start),
                $this->times->clock($end),
                $this->machines[$block->round] ?? '',
                $block->clears ?? $block->wait ?? self::steps($block),
                array_values(array_unique([
                    ...($isHanded ? [$hands[$hand]] : []),
                    ...array_intersect($block->activity->needs, [RoundBlocks::SINK]),
                    ...($isHanded ? [] : [$block->round]),
                ])),
                $gap >= self::GAP ? $this->free($gap, $hand) : '',
                $isHanded && count($this->people) > 1 ? $this->people[$hand] : '',
                $hand,
                $this->at[$id] ?? '',
                isGiven: isset($this->by[$id]) && [] === $block->activity->anyOf,
                gap: $gap,
                gapText: $gap >= self::GAP ? self::text('gap', ['minutes' => Uses::minutes($gap)]) : '',
            );
        }

        return $lines;
    }

    /**
     * @param list<PlanLine> $lines
     * @param float|null $past minutes before now that it shows; null where nothing goes on yet
     */
    public function lanes(array $lines, float $finish, ?float $past = null): PlanLanes
    {
        $used = array_merge(...array_map(static fn (PlanLine $line): array => $line->lanes, $lines));
        $hands = SessionScheduler::hands(count($this->people));
        $names = array_combine($hands, count($hands) > 1 ? $this->people : [self::text('lane.hands')])
            + [RoundBlocks::SINK => self::text('lane.sink')]
            + $this->machines;
        $step = max(5.0, ceil($finish / 6 / 5) * 5);

        return new PlanLanes(
            array_intersect_key($names, array_flip($used)),
            $lines,
            $finish,
            array_map(
                fn (float $minutes): array => [$minutes, $this->times->clock($minutes)],
                range(0.0, max(0.0, $finish - $step / 2), $step),
            ),
            $past,
        );
    }

    private function hand(Block $block): string
    {
        return $this->fitted->schedule->given[$block->activity->id] ?? (string) current(array_intersect(
            $block->activity->needs,
            [RoundBlocks::HANDS, RoundBlocks::MORE_HANDS],
        ));
    }

    private function free(float $minutes, int $hand): string
    {
        return count($this->people) > 1
            ? self::text('free_of', ['minutes' => Uses::minutes($minutes), 'who' => $this->people[$hand]])
            : self::text('free', ['minutes' => Uses::minutes($minutes)]);
    }

    private static function steps(Block $block): string
    {
        $names = array_map(static fn (Step $step): string => $step->short, $block->steps);
        $shown = implode(', ', array_slice($names, 0, self::NAMED));
        $more = count($names) - self::NAMED;

        return $more > 0 ? $shown.self::text('more', ['count' => (string) $more]) : $shown;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("plan.$key", $values));
    }
}
