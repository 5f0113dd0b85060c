<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Care\Measures\BrewReader;
use App\Care\Measures\GreaseReader;
use App\Care\Measures\MeshTasks;
use App\Care\Measures\SeriesReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Support\Scalar;
use App\View\Drawing\TrendChart;
use App\View\Words\Dates;
use App\View\Words\TrendWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Measure\Point;
use GoodRinse\Core\Measure\Series;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Everything measured on a machine, side by side over the years. */
final readonly class TrendsPage
{
    private const ROWS = 60;
    private const YEARS = [1, 2, 5, 10];
    private const USUAL_YEARS = 2;
    private const PICTURES = 100;

    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private SeriesReader $series,
        private BrewReader $brews,
        private GreaseReader $grease,
        private MeshTasks $meshes,
        private TrendWords $words,
    ) {
    }

    /** Years to look back over: what was asked for, where it can be. */
    public static function years(int $asked): int
    {
        return in_array($asked, self::YEARS, true) ? $asked : self::USUAL_YEARS;
    }

    /** @param int $years as years() allows */
    public function for(Machine $machine, Household $household, int $years): TrendsData
    {
        $now = $this->clock->now();
        $from = $now->setTimezone($household->zone())->modify("-$years years");
        $today = Day::at($now, $household->zone());
        [$rounds, $fixes] = $this->marks($machine);
        $all = $this->series->all($machine, $household, $now);
        $lines = array_values(array_map(
            fn (Series $series): TrendLine => $this->line($series, $from, $now, $rounds, $fixes, $household, $today),
            $all,
        ));

        return new TrendsData(
            $machine,
            $this->words->head(array_values($all), $today, $household->zone()),
            $this->instruments($machine),
            $lines,
            $years,
            self::YEARS,
            Dates::day(Day::at($from, $household->zone()), $today),
        );
    }

    /**
     * @param list<\DateTimeImmutable> $rounds
     * @param list<\DateTimeImmutable> $fixes
     */
    private function line(
        Series $series,
        \DateTimeImmutable $from,
        \DateTimeImmutable $now,
        array $rounds,
        array $fixes,
        Household $household,
        Day $today,
    ): TrendLine {
        $band = $series->band();
        $newest = $series->points[count($series->points) - 1]->value ?? 0.0;
        $chart = new TrendChart($series->since($from), $band, $from, $now, $rounds, $fixes);

        return new TrendLine(
            $series->id,
            $series->name,
            $this->words->figure($series, $newest),
            $this->words->compared($series, $today, $household->zone()),
            null !== $series->unusualSince(),
            $chart,
            $this->words->number($series, $chart->top()),
            array_map(
                fn (Point $point): array => [
                    Dates::day(Day::at($point->at, $household->zone()), $today),
                    $this->words->figure($series, $point->value),
                ],
                array_reverse(array_slice($series->points, -self::ROWS)),
            ),
        );
    }

    /** @return list<array{string, string, string}> */
    private function instruments(Machine $machine): array
    {
        $kind = $machine->kindIn($this->handbook);
        $names = [];
        if ([] !== $kind->spray->for($machine->traits)) {
            $names[] = 'jets';
            $names[] = 'cup';
        }
        if ($this->brews->isTimed($machine)) {
            $names[] = 'lime';
        }
        if ($this->grease->isWeighed($machine)) {
            $names[] = 'grease';
        }
        if ([] !== $this->meshes->of($machine)) {
            $names[] = 'grid';
        }

        return array_map(static fn (string $name): array => [
            Scalar::text(__("measures.instrument.$name.name")),
            route("measures.$name", $machine),
            Scalar::text(__("measures.instrument.$name.about")),
        ], $names);
    }

    /** @return array{Photo, Photo}|null the two newest pictures of one step, the earlier first */
    public function pair(Machine $machine): ?array
    {
        $newest = [];
        $photos = Photo::query()->where('household_id', $machine->household_id)
            ->whereIn('round_id', $machine->rounds()->select('id'))
            ->orderByDesc('taken_at')->limit(self::PICTURES)->get();
        foreach ($photos as $photo) {
            $after = $newest[$photo->step ?? ''] ?? null;
            if (null !== $after) {
                return [$photo, $after];
            }
            $newest[$photo->step ?? ''] = $photo;
        }

        return null;
    }

    /** @return array{list<\DateTimeImmutable>, list<\DateTimeImmutable>} when rounds ended and fixes were made */
    private function marks(Machine $machine): array
    {
        $times = static fn (iterable $found): array => array_values(array_map(
            static fn (mixed $at): \DateTimeImmutable => new \DateTimeImmutable(Scalar::text($at), new \DateTimeZone('UTC')),
            [...$found],
        ));
        $fixes = Entry::inForce($machine->entries()->where('kind', EntryKind::Fix)->get());

        return [
            $times($machine->rounds()->whereNotNull('ended_at')->toBase()->pluck('ended_at')->all()),
            array_values($fixes->map(static fn (Entry $fix): \DateTimeImmutable => $fix->happened_at->toDateTimeImmutable())->all()),
        ];
    }
}
