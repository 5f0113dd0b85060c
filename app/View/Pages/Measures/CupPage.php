<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Care\Measures\CupReader;
use App\Care\Measures\MeasuredEntry;
use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Models\Machine;
use App\Support\Scalar;
use App\View\Words\Dates;
use App\View\Words\HouseMeasures;
use App\View\Words\Uses;
use GoodRinse\Core\Flow\CupResult;
use GoodRinse\Core\Flow\CupVerdict;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measured\CupRecord;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** A cup in the rack: how far it fills while the machine washes, and how it filled before. */
final readonly class CupPage
{
    /** Days after a cleaning for which a test may be taken for what the clean machine can do. */
    private const JUST = 3;
    private const CLEAN = 0.1;
    private const EARLIER = 20;
    private const LOOKS = 5;

    public function __construct(
        private ClockInterface $clock,
        private Handbook $handbook,
        private CupReader $cups,
        private CareReader $care,
    ) {
    }

    public function for(Machine $machine, Household $household): CupData
    {
        [$tests, $baseline] = $this->cups->tests($machine);
        $today = Day::at($this->clock->now(), $household->zone());
        $model = $this->handbook->measureModel();
        $in = HouseMeasures::field('ml');
        $last = $tests[count($tests) - 1] ?? null;
        $own = array_values(array_filter($tests, static fn (array $test): bool => '' !== $test[0]->payload->shape));
        $cup = $own[count($own) - 1][0]->payload ?? null;
        $best = max([1.0, ...array_map(static fn (array $test): float => $test[1]->rate, $tests)]);

        return new CupData(
            $machine,
            self::text(null === $last ? 'head' : 'verdict.'.$last[1]->verdict->value),
            null === $last ? self::text('advice.none') : self::text('advice.'.$last[1]->verdict->value, [
                'minute' => Uses::number($last[1]->lookAgainAt ?? $model->flow->span),
            ]),
            array_map(
                static fn (array $test): EarlierCup => self::earlier($test[0], $test[1], $household, $today, $best),
                array_reverse(array_slice($tests, -self::EARLIER)),
            ),
            null === $baseline ? null : Uses::number($in->written($baseline))." $in->name",
            $in->name,
            Uses::number($in->written($cup->cupMl ?? $model->usualCup)),
            $cup->shape ?? (string) array_key_first($model->shapes),
            array_map(static fn (array $shape): string => $shape['name'], $model->shapes),
            $this->isJustCleaned($machine, $household, $today),
            json_encode([
                'baseline' => $baseline,
                'size' => $in->kept(1000.0) / 1000,
                'flow' => [
                    'good' => $model->flow->good,
                    'weak' => $model->flow->weak,
                    'span' => $model->flow->span,
                    'checks' => $model->flow->checks,
                ],
                'shapes' => array_map(static fn (array $shape): float => $shape['flare'], $model->shapes),
                'words' => (array) __('measures.cup.live'),
                'unit' => $in->name,
            ], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE),
            self::LOOKS,
            $this->handbook->caution('scald'),
        );
    }

    /** @param MeasuredEntry<CupRecord> $entry */
    private static function earlier(MeasuredEntry $entry, CupResult $result, Household $household, Day $today, float $best): EarlierCup
    {
        $in = HouseMeasures::field('ml');

        return new EarlierCup(
            Dates::day(Day::at($entry->at, $household->zone()), $today),
            ($result->atLeast ? '≥ ' : '').Uses::number(round($in->written($result->rate), 1))." $in->name",
            CupVerdict::NoBaseline === $result->verdict ? '' : self::text("verdict.{$result->verdict->value}"),
            min(1.0, max(0.0, $result->rate / $best)),
            $entry->payload->clean,
        );
    }

    private function isJustCleaned(Machine $machine, Household $household, Day $today): bool
    {
        foreach ($this->care->machine($machine, $household)->tasks as $id => $task) {
            $last = $task->history()->last();
            $isClean = null !== $last && $last->left->value <= self::CLEAN && $today->since($last->day) <= self::JUST;
            if ($isClean && in_array($id, ['arms', 'filter'], true)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("measures.cup.$key", $values));
    }
}
