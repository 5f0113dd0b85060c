<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

use GoodRinse\Core\Handbook\Care\FlowModel;

/** Which part of the rack an arm reaches: with the cup test, the front door of this folder. */
final readonly class Spray
{
    public function __construct(private FlowModel $model)
    {
    }

    /**
     * Rings of the rack that get water while the arm turns.
     *
     * @return list<Ring>|null from the hub outwards; null for an arm without jets on top
     */
    public function wetRings(SprayArm $arm): ?array
    {
        $jets = $arm->jetsOf(JetSide::Top);

        return [] === $jets ? null : $this->rings($jets);
    }

    /**
     * Rings of the rack that get none.
     *
     * @return list<Ring>|null from the hub outwards; null for an arm without jets on top
     */
    public function dullRings(SprayArm $arm): ?array
    {
        $wet = $this->wetRings($arm);

        return null === $wet ? null : Ring::gaps($wet);
    }

    /**
     * Share of the rack that gets water, 0 to 1, as the arm turns or stands; null for an arm without jets on top.
     */
    public function coverage(SprayArm $arm): ?float
    {
        $wet = $this->wetRings($arm);
        if (null === $wet) {
            return null;
        }
        if (ArmMotion::Spins === $arm->motion) {
            return self::share($wet);
        }
        $halves = array_map(fn (array $jets): float => self::share($this->rings($jets)), $this->halves($arm));

        return array_sum($halves) * $this->model->sector / 360;
    }

    /**
     * Share of a ring that gets no water while the arm turns, 0 to 1; null for an arm without jets on top.
     */
    public function dullShare(SprayArm $arm, Ring $ring): ?float
    {
        $dull = $this->dullRings($arm);

        return null === $dull || $ring->share() <= 0 ? null : $ring->overlap($dull) / $ring->share();
    }

    /** @return array{list<Jet>, list<Jet>} jets on top of each half of the arm */
    private function halves(SprayArm $arm): array
    {
        $halves = [[], []];
        foreach ($arm->jetsOf(JetSide::Top) as $jet) {
            $halves[$jet->place < 0 ? 1 : 0][] = $jet;
        }

        return $halves;
    }

    /**
     * @param list<Jet> $jets
     *
     * @return list<Ring>
     */
    private function rings(array $jets): array
    {
        $half = $this->model->ringWidth / 2;
        $rings = [];
        foreach ($jets as $jet) {
            if ($jet->blocked <= $this->model->wetsWhileBlocked) {
                $rings[] = new Ring(max(0.0, $jet->radius() - $half), min(1.0, $jet->radius() + $half));
            }
        }

        return Ring::union($rings);
    }

    /** @param list<Ring> $rings that do not overlap */
    private static function share(array $rings): float
    {
        return min(1.0, array_sum(array_map(static fn (Ring $ring): float => $ring->share(), $rings)));
    }
}
