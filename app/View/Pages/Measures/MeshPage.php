<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Care\Measures\MeasuredEntry;
use App\Care\Measures\MeasureReader;
use App\Care\Measures\MeshTasks;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Support\Scalar;
use App\View\Words\Dates;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Logbook\Payload\Measured\MeshGrid;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** A mesh on a picture: a grid to tap, and what was counted before. */
final readonly class MeshPage
{
    private const EARLIER = 12;

    public function __construct(private ClockInterface $clock, private MeshTasks $tasks, private MeasureReader $measures)
    {
    }

    public function for(Machine $machine, Household $household, ?Photo $photo): MeshData
    {
        $grids = $this->measures->grids($machine);
        $today = Day::at($this->clock->now(), $household->zone());
        $rows = null === $photo ? 0 : MeshGrid::rowsFor($photo->width, $photo->height);
        $pictures = array_values(array_filter(array_map(
            static fn (MeasuredEntry $grid): ?Photo => Photo::query()->where('household_id', $household->id)->find($grid->payload->photo),
            array_slice($grids, -2),
        )));

        return new MeshData(
            $machine,
            array_map(static fn (CareTask $task): string => $task->name, $this->tasks->of($machine)),
            $photo,
            $rows,
            MeshGrid::outside($rows, MeshGrid::ROUND),
            array_map(static fn (MeasuredEntry $grid): string => Scalar::text(__('measures.grid.line', [
                'day' => Dates::day(Day::at($grid->at, $household->zone()), $today),
                'percent' => $grid->payload->blocked()->percent(),
            ])), array_reverse(array_slice($grids, -self::EARLIER))),
            2 === count($pictures) ? [$pictures[0], $pictures[1]] : null,
        );
    }
}
