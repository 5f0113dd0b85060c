<?php

declare(strict_types=1);

namespace App\View\Pages\Kitchen;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\TaskCare;
use App\View\Drawing\KitchenFigure;
use App\View\Words\Dates;
use GoodRinse\Core\Quantity\Day;

/** A machine among others: what it is, and the task that is due first. */
final readonly class MachineTile
{
    /**
     * @param TaskCare|null $first null where nothing is on a clock
     * @param list<string> $wrong symptoms that are being looked into
     */
    private function __construct(
        public MachineCare $care,
        public ?TaskCare $first,
        public KitchenFigure $figure,
        public array $wrong,
        private Day $today,
    ) {
    }

    /** @param list<string> $wrong symptoms that are being looked into */
    public static function of(MachineCare $care, array $wrong, Day $today): self
    {
        $first = CareReader::byUrgency([$care])[0] ?? null;

        return new self($care, $first, KitchenFigure::of($care->machine->kind, $first?->task()->part ?? ''), $wrong, $today);
    }

    public function isDue(): bool
    {
        return true === $this->first?->rhythm()->state->isDue();
    }

    /** "Being looked into: only the upper rack is dirty"; empty where nothing is. */
    public function trouble(): string
    {
        return [] === $this->wrong ? '' : (string) __('places/kitchen.wrong', [
            'what' => implode(', ', array_map(mb_strtolower(...), $this->wrong)),
        ]);
    }

    /** "Filter: due 3 Dec". */
    public function state(): string
    {
        if (null === $this->first) {
            return (string) __('machines.tile.no_clock');
        }
        $rhythm = $this->first->rhythm();

        return $this->first->name().': '.match (true) {
            !$rhythm->state->isDue() => null === $rhythm->dueOn
                ? __('machines.tile.no_date')
                : __('machines.tile.due_on', ['day' => Dates::short($rhythm->dueOn, $this->today)]),
            !$this->first->neverOpened() => __('machines.tile.due'),
            default => __('machines.tile.'.($this->first->isGraded() ? 'look' : 'do')),
        };
    }
}
