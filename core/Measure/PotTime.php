<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

/**
 * How long a full pot or cup takes, against the same machine when it was clean: lime shows as time.
 *
 * A time is clean when it is the first one after a descaling.
 */
final readonly class PotTime
{
    private const SLACK = 1e-9;

    /**
     * @param float|null $normal minutes of the clean machine, the middle of its newest clean times; null without one
     * @param float|null $newest minutes of the newest time since the last descaling; null without one
     * @param float $slowedBy share by which that is longer than normal, 0 or more
     * @param list<float> $clean minutes that make the normal, the oldest first
     */
    private function __construct(public ?float $normal, public ?float $newest, public float $slowedBy, public array $clean)
    {
    }

    /**
     * @param list<array{\DateTimeImmutable, float}> $times when and minutes, the oldest first
     * @param list<\DateTimeImmutable> $descalings the oldest first
     * @param int $readings newest clean times that make the normal, at least 1
     */
    public static function of(array $times, array $descalings, int $readings): self
    {
        $clean = [];
        foreach ($descalings as $i => $descaled) {
            $until = $descalings[$i + 1] ?? null;
            foreach ($times as [$at, $minutes]) {
                if ($at > $descaled && (null === $until || $at <= $until)) {
                    $clean[] = $minutes;
                    break;
                }
            }
        }
        $clean = array_slice($clean, -$readings);
        $normal = [] === $clean ? null : Quantile::of($clean, 0.5);
        $last = $descalings[count($descalings) - 1] ?? null;
        $since = array_values(array_filter($times, static fn (array $time): bool => null === $last || $time[0] > $last));
        $newest = $since[count($since) - 1][1] ?? null;
        $slowed = null === $normal || null === $newest || $normal <= 0 ? 0.0 : max(0.0, $newest / $normal - 1);

        return new self($normal, $newest, $slowed, $clean);
    }

    /**
     * Whether it is so slow that descaling is due whatever the clocks say.
     *
     * @param float $share from which on it is
     */
    public function isSlow(float $share): bool
    {
        return $this->slowedBy >= $share - self::SLACK;
    }
}
