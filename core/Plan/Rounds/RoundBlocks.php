<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Rounds;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\TimeLink;
use GoodRinse\Core\Round\Progress;

/**
 * What a round is to a plan: its steps in their order, those that follow each other without a wait as one, and its waits
 * beside them. A wait in the sink keeps the sink until somebody takes out what lies in it; a cycle keeps the machine.
 */
final class RoundBlocks
{
    public const HANDS = 'hands';
    /** Those of a second person. */
    public const MORE_HANDS = 'more hands';
    public const SINK = 'sink';

    /** @var list<Block> */
    public array $blocks = [];

    /** @var list<TimeLink> */
    public array $links = [];

    /** @var array<string, list<string>> agents that it has poured already, by vessel that it has not cleared since */
    public array $holds = [];

    /** @var list<Step> of the block that is being gathered */
    private array $steps = [];

    private ?string $last = null;

    /** Step that began a wait which keeps the sink now. */
    private ?string $lies = null;

    /** @var array<string, array{string, float|null}> wait and minutes it may last too long, by the step that began it */
    private array $waits = [];

    /** @param list<string> $hands of those who could do it */
    private function __construct(private readonly string $round, private readonly array $hands)
    {
    }

    /**
     * @param string $round name of the round, for its blocks
     * @param Procedure $procedure fitted to the machine
     * @param array<string, string> $answers expected, by capture id
     * @param non-empty-list<string> $hands of those who could do it
     */
    public static function of(string $round, Procedure $procedure, array $answers, array $hands = [self::HANDS]): self
    {
        $blocks = new self($round, $hands);
        $blocks->gather(
            array_values(array_filter($procedure->steps, static fn (Step $step): bool => $step->if->holds($answers))),
            $answers,
        );

        return $blocks;
    }

    /**
     * What is left of a round that is under way, with the waits that run.
     *
     * @param array<string, string> $expected answers, by capture id, where none was given yet
     * @param non-empty-list<string> $hands of those who could do it
     */
    public static function left(
        string $round,
        Progress $progress,
        array $expected,
        \DateTimeImmutable $now,
        array $hands = [self::HANDS],
    ): self {
        $blocks = new self($round, $hands);
        $steps = $progress->steps($expected);
        $left = array_values(array_filter($steps, static fn (Step $step): bool => !$progress->isDone($step)));
        $ready = [];
        foreach ($progress->timers() as $timer) {
            $minutes = $ready[$timer->step] = $timer->open ? 0.0 : max(0.0, $timer->secondsLeft($now) / 60);
            $id = "$round/wait $timer->step";
            $blocks->blocks[] = new Block(
                new Activity($id, $minutes, $timer->runs && $minutes > 0 ? [$round] : []),
                $round,
                [],
                $timer->label,
                isRunning: true,
            );
            $blocks->links[] = TimeLink::at($id, 0.0);
            // What has stood too long already cannot be helped any more; what has not, still can.
            $most = null === $timer->most ? null : $timer->most->value - ($now->getTimestamp() - $timer->startedAt->getTimestamp()) / 60;
            $blocks->waits[$timer->step] = [$id, null === $most || $most < $minutes ? null : $most - $minutes];
            $began = array_values(array_filter($steps, static fn (Step $step): bool => $step->id === $timer->step));
            if ([] !== $began && RoundWaits::keepsSink($began[0], $left)) {
                $blocks->lies = $timer->step;
            }
        }
        $blocks->holds = self::poured($steps, $progress);
        $blocks->gather($left, $progress->answers + $expected, $ready);

        return $blocks;
    }

    /**
     * @param list<Step> $steps
     *
     * @return array<string, list<string>>
     */
    private static function poured(array $steps, Progress $progress): array
    {
        $holds = [];
        foreach ($steps as $step) {
            if ($progress->isDone($step) && !$progress->isSkipped($step)) {
                foreach ($step->amounts as $amount) {
                    $holds[$amount->vessel][] = $amount->agent;
                }
                unset($holds[$step->clears->vessel ?? '']);
            }
        }

        return $holds;
    }

    /**
     * @param list<Step> $steps
     * @param array<string, string> $answers
     * @param array<string, float> $ready minutes until waits that run are over, by the step that began them
     */
    private function gather(array $steps, array $answers, array $ready = []): void
    {
        $spans = RoundWaits::spans($steps, $answers, $ready);
        foreach ($steps as $i => $step) {
            $this->add($step);
            if (null !== $step->timer && isset($spans[$step->id])) {
                $minutes = $step->timer->lasts($answers)->value;
                $this->wait($step, $minutes, $spans[$step->id], RoundWaits::keepsSink($step, array_slice($steps, $i + 1)));
            }
        }
        $this->close();
    }

    /** The block that can be begun at once; null where a wait has to end before anything can. */
    public function first(): ?string
    {
        foreach ($this->blocks as $block) {
            if (null === $block->wait) {
                return isset($this->waits[$block->steps[0]->waitsFor ?? '']) ? null : $block->activity->id;
            }
        }

        return null;
    }

    /** Something that one of those does who could do it. */
    public function handed(string $id, float $minutes, bool $usesSink): Activity
    {
        $isAlone = 1 === count($this->hands);

        return new Activity(
            $id,
            $minutes,
            [...($isAlone ? $this->hands : []), ...($usesSink ? [self::SINK] : [])],
            $isAlone ? [] : $this->hands,
        );
    }

    /** The block in which what lies in the sink now is taken out; null when nothing does. */
    public function takesOut(): ?string
    {
        foreach (null === $this->lies ? [] : $this->blocks as $block) {
            if (($block->steps[0]->waitsFor ?? null) === $this->lies) {
                return $block->activity->id;
            }
        }

        return null;
    }

    private function add(Step $step): void
    {
        $isWaiting = null !== $step->waitsFor && isset($this->waits[$step->waitsFor]);
        if ($isWaiting || ([] !== $this->steps && RoundWaits::usesSink($this->steps[0]) !== RoundWaits::usesSink($step))) {
            $this->close();
        }
        $this->steps[] = $step;
    }

    /**
     * Ends the steps gathered so far, and begins a wait with the last of them.
     *
     * @param float $span minutes until somebody is there to end it, in the round by itself
     */
    private function wait(Step $step, float $minutes, float $span, bool $isInSink): void
    {
        $minutes = $isInSink ? max($minutes, $span) : $minutes;
        $before = $this->close();
        $id = "$this->round/wait $step->id";
        $needs = array_values(array_filter([
            $isInSink ? self::SINK : null,
            true === $step->timer?->machine ? $this->round : null,
        ]));
        $this->blocks[] = new Block(new Activity($id, $minutes, $needs), $this->round, [], $step->timer->label ?? '');
        $this->links[] = new TimeLink((string) $before, $id, 0.0, 0.0);
        $most = $step->timer?->most?->value;
        $this->waits[$step->id] = [$id, $isInSink ? 0.0 : (null === $most ? null : max(0.0, $most - $minutes, $span - $minutes))];
    }

    private function close(): ?string
    {
        if ([] === $this->steps) {
            return $this->last;
        }
        $first = $this->steps[0];
        $id = "$this->round/$first->id";
        $minutes = array_sum(array_map(static fn (Step $step): float => $step->hands->value, $this->steps));
        $this->blocks[] = new Block($this->handed($id, $minutes, RoundWaits::usesSink($first)), $this->round, $this->steps);
        if (null !== $this->last) {
            $this->links[] = new TimeLink($this->last, $id);
        }
        if (null !== $first->waitsFor && isset($this->waits[$first->waitsFor])) {
            [$wait, $most] = $this->waits[$first->waitsFor];
            $this->links[] = new TimeLink($wait, $id, 0.0, $most);
        }
        [$this->steps, $this->last] = [[], $id];

        return $id;
    }
}
