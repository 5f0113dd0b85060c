<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

use GoodRinse\Core\Handbook\Care\FlowModel;

/**
 * Judges a cup that stood in the rack while the machine washed, by how fast it filled.
 *
 * The arms of many machines take turns, so that a cup can stay dry for minutes with nothing wrong: the best minute
 * counts, and "starved" is said only after enough of them. A cup that ran over tells at least how much came, so it can
 * be good and nothing else.
 */
final readonly class CupTest
{
    /** Slack in ratios and minutes, so that a threshold that is met is met. */
    private const SLACK = 1e-9;

    public function __construct(private FlowModel $model)
    {
    }

    /**
     * @param list<CupReading> $readings at least two, minutes strictly rising
     * @param float|null $baseline ml a minute of this machine's best clean reading, above 0; null where there is none
     *
     * @throws InvalidFlow for readings or a baseline that cannot be
     */
    public function judge(array $readings, ?float $baseline): CupResult
    {
        if (count($readings) < 2) {
            throw InvalidFlow::fewReadings();
        }
        if (null !== $baseline && ($baseline <= 0 || !is_finite($baseline))) {
            throw InvalidFlow::baseline();
        }
        [$rate, $atLeast] = $this->best($readings);
        if (null === $baseline) {
            return new CupResult($rate, null, CupVerdict::NoBaseline, $atLeast);
        }
        $ratio = $rate / $baseline;
        $verdict = match (true) {
            $ratio >= $this->model->good - self::SLACK => CupVerdict::Good,
            !$atLeast && $ratio >= $this->model->weak - self::SLACK => CupVerdict::Weak,
            !$atLeast && $this->isEnough($readings) => CupVerdict::Starved,
            default => CupVerdict::KeepChecking,
        };

        return new CupResult(
            $rate,
            $ratio,
            $verdict,
            $atLeast,
            CupVerdict::KeepChecking === $verdict ? $readings[0]->minute + $this->model->span : null,
        );
    }

    /**
     * @param non-empty-list<CupReading> $readings
     *
     * @return array{float, bool} ml a minute between two looks at its best, and whether the cup ran over in it
     */
    private function best(array $readings): array
    {
        [$best, $atLeast] = [-INF, false];
        foreach ($readings as $i => $reading) {
            if (0 === $i) {
                continue;
            }
            $before = $readings[$i - 1];
            if ($reading->minute <= $before->minute) {
                throw InvalidFlow::backwards();
            }
            $rate = ($reading->ml - $before->ml) / ($reading->minute - $before->minute);
            if ($rate > $best) {
                [$best, $atLeast] = [$rate, $reading->overflowed];
            }
        }

        return [$best, $atLeast];
    }

    /** @param non-empty-list<CupReading> $readings whether they reach over the arms' turns */
    private function isEnough(array $readings): bool
    {
        $span = $readings[count($readings) - 1]->minute - $readings[0]->minute;
        $checks = count(array_filter($readings, static fn (CupReading $reading): bool => $reading->minute > 0));

        return $span >= $this->model->span - self::SLACK || $checks >= $this->model->checks;
    }
}
