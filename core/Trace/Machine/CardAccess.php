<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace\Machine;

use GoodRinse\Core\Handbook\Fault\Access;
use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\FaultCheck;

/** What has to be opened for a look or a remedy on one machine as it stands now, what that costs, and what cannot be done. */
final readonly class CardAccess
{
    private bool $floods;

    public function __construct(private FaultCatalog $trouble, private FaultCase $case)
    {
        $this->floods = $trouble->floods->stands($case->present, $case->answers);
    }

    /** Whether it makes sense with what was noticed, and nothing that is known forbids it: no wash where water stands. */
    public function isPossible(FaultCheck|FaultAction $card): bool
    {
        $isFor = !$card instanceof FaultCheck || [] === $card->for || [] !== array_intersect($card->for, $this->case->present);

        return $isFor && $card->when->holds($this->case->traits) && (!$card->dry || !$this->floods);
    }

    /**
     * What is in the way and not open yet: what was opened for a look stays open.
     *
     * @return list<Access>
     */
    public function inTheWay(FaultCheck|FaultAction $card): array
    {
        return $this->here(array_diff($card->needs, $this->opened()));
    }

    /** @return list<Access> what was opened for a look and is open still */
    public function open(): array
    {
        return $this->here(array_unique($this->opened()));
    }

    /** @return list<string> ids */
    private function opened(): array
    {
        $open = [];
        foreach ($this->case->answers as [$check]) {
            array_push($open, ...$this->trouble->checks[$check]->needs ?? []);
        }

        return $open;
    }

    /**
     * @param array<int, string> $ids
     *
     * @return list<Access> those that this machine has
     */
    private function here(array $ids): array
    {
        return array_values(array_filter(
            array_map(fn (string $id): Access => $this->trouble->accesses[$id], $ids),
            fn (Access $access): bool => $access->when->holds($this->case->traits) && (!$access->flooded || $this->floods),
        ));
    }

    /** Cost with what has to be opened first, in the household's money. */
    public function price(FaultCheck|FaultAction $card): float
    {
        $opening = array_sum(array_map(static fn (Access $access): float => $access->minutes, $this->inTheWay($card)));

        return $this->case->prices->of($card->minutes + $opening, $card instanceof FaultAction ? $card->supplies : 0.0);
    }
}
