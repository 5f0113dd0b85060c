<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Flow\ArmMotion;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\Ring;
use GoodRinse\Core\Flow\Spray;
use GoodRinse\Core\Flow\SprayArm;

/**
 * A spray arm under its rack, seen from above: rings that get water, rings that stay dull, and the jets on top. In units
 * of a hundredth of the rack's radius; the page's script paints the same.
 */
final readonly class ArmDrawing
{
    /** Units to the rim of the rack. */
    private const RADIUS = 100;

    public function __construct(private SprayArm $arm, private Spray $spray, private float $sector)
    {
    }

    /** Paths of what gets water, as the arm turns or stands. */
    public function wet(): string
    {
        if (ArmMotion::Spins === $this->arm->motion) {
            return implode(' ', array_map(self::annulus(...), $this->spray->wetRings($this->arm) ?? []));
        }
        $turned = ArmMotion::Hits === $this->arm->motion ? 30.0 * (int) $this->arm->hitsAt - 90 : 0.0;
        $paths = [];
        foreach ([0.0, 180.0] as $half) {
            $jets = array_values(array_filter(
                $this->arm->jetsOf(JetSide::Top),
                static fn (Jet $jet): bool => 0.0 === $half ? $jet->place >= 0 : $jet->place < 0,
            ));
            foreach ([] === $jets ? [] : $this->spray->wetRings(new SprayArm('half', $jets)) ?? [] as $ring) {
                $paths[] = $this->wedge($ring, $turned + $half);
            }
        }

        return implode(' ', $paths);
    }

    /** Degrees by which the arm is turned from lying across. */
    public function turn(): int
    {
        return ArmMotion::Hits === $this->arm->motion ? 30 * (int) $this->arm->hitsAt - 90 : 0;
    }

    /** @return list<array{x: float, r: float, state: string}> the jets on top, in the drawing's units */
    public function jets(): array
    {
        return array_map(static fn (Jet $jet): array => [
            'x' => round($jet->place * self::RADIUS, 1),
            'r' => round(2.2 + min(6.0, $jet->bore) * 0.5, 1),
            'state' => match ($jet->blocked) {
                Jet::OPEN => 'open',
                Jet::HALF => 'half',
                default => 'shut',
            },
        ], $this->arm->jetsOf(JetSide::Top));
    }

    private static function annulus(Ring $ring): string
    {
        $circle = static fn (float $radius): string => sprintf(
            'M%1$.2f 0A%1$.2f %1$.2f 0 1 0 -%1$.2f 0A%1$.2f %1$.2f 0 1 0 %1$.2f 0Z',
            $radius,
        );
        [$inner, $outer] = [$ring->inner * self::RADIUS, $ring->outer * self::RADIUS];

        return $circle($outer).($inner > 0 ? $circle($inner) : '');
    }

    /** The part of a ring that lies over one half of the arm, turned by so many degrees. */
    private function wedge(Ring $ring, float $degrees): string
    {
        $point = static fn (float $radius, float $angle): string => sprintf(
            '%.2f %.2f',
            $radius * self::RADIUS * cos(deg2rad($angle)),
            $radius * self::RADIUS * sin(deg2rad($angle)),
        );
        [$from, $to] = [$degrees - $this->sector / 2, $degrees + $this->sector / 2];
        [$inner, $outer] = [$ring->inner * self::RADIUS, $ring->outer * self::RADIUS];

        return sprintf(
            'M%s A%4$.2f %4$.2f 0 0 1 %s L%s A%5$.2f %5$.2f 0 0 0 %6$s Z',
            $point($ring->outer, $from),
            $point($ring->outer, $to),
            $point($ring->inner, $to),
            $outer,
            $inner,
            $point($ring->inner, $from),
        );
    }
}
