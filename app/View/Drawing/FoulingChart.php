<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Care\TaskCare;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\OpeningRecord;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Learning\FoulingCurve;

/**
 * The soil on a part over its last openings: it grows to what was found, drops to what was left, and grows
 * on to today's estimate. Drawn in a box 400 wide and 110 high.
 */
final readonly class FoulingChart
{
    private const OPENINGS = 6;
    private const WIDTH = 400.0;
    private const HEIGHT = 96.0;
    private const LOWEST_TOP = 0.45;

    /**
     * @param string $curve path of the soil
     * @param float $cleanBy y of the clean-by line
     * @param list<array{float, float, Day}> $marks x, y and day of each opening
     */
    private function __construct(public string $curve, public float $cleanBy, public array $marks)
    {
    }

    public static function of(TaskCare $care, Handbook $handbook, Day $today): self
    {
        $openings = array_slice($care->history()->openings, -self::OPENINGS);
        $highest = max(0.0, 0.0, ...array_map(static fn (OpeningRecord $opening): float => $opening->found->value ?? 0.0, $openings));
        $top = max(self::LOWEST_TOP, $highest, $care->rhythm()->blockedNow->value);
        $y = static fn (float $blocked): float => round(self::HEIGHT - $blocked / $top * (self::HEIGHT - 6), 1);
        if ([] === $openings) {
            return new self('', $y($handbook->rhythmModel()->cleanBy), []);
        }
        $curve = new FoulingCurve($handbook->rhythmModel());
        $span = max(1, $today->since($openings[0]->day));
        $x = static fn (Day $day): float => round($day->since($openings[0]->day) / $span * self::WIDTH, 1);
        $path = sprintf('M0 %s', $y($openings[0]->left->value));
        $marks = [];
        foreach (array_slice($openings, 1) as $i => $opening) {
            $found = $opening->found ?? $opening->left;
            $path .= self::growth($curve, $openings[$i], $x($openings[$i]->day), $x($opening->day), $curve->foulings($found), $y);
            $path .= sprintf('L%s %s', $x($opening->day), $y($opening->left->value));
            $marks[] = [$x($opening->day), $y($found->value), $opening->day];
        }
        $last = $openings[count($openings) - 1];
        $path .= self::growth($curve, $last, $x($last->day), self::WIDTH, $care->rhythm()->wear, $y);

        return new self($path, $y($handbook->rhythmModel()->cleanBy), $marks);
    }

    /**
     * The curve from what one opening left to so many foulings at the other end.
     *
     * @param \Closure(float): float $y height of a blocked fraction
     */
    private static function growth(FoulingCurve $curve, OpeningRecord $from, float $x0, float $x1, float $to, \Closure $y): string
    {
        $start = $curve->foulings($from->left);
        $path = '';
        for ($i = 1; $i <= 5; ++$i) {
            $path .= sprintf(
                'L%s %s',
                round($x0 + ($x1 - $x0) * $i / 5, 1),
                $y($curve->blockedAfter(max($start, $to) * $i / 5 + $start * (1 - $i / 5))->value),
            );
        }

        return $path;
    }
}
