<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** A spray arm as it was found: its jets, and whether it turns. */
final readonly class SprayArm
{
    /** Jets nearer to each other than this, in rack radii, are one: a bore is about as wide. */
    private const APART = 0.01;

    /**
     * @param list<Jet> $jets in any order
     * @param int|null $hitsAt hour of a clock face at which it hits something, 1 to 12; of an arm that hits
     *
     * @throws InvalidFlow for an hour that is none, or none where one is needed
     */
    public function __construct(
        public string $id,
        public array $jets,
        public ArmMotion $motion = ArmMotion::Spins,
        public ?int $hitsAt = null,
    ) {
        if (ArmMotion::Hits === $motion && (null === $hitsAt || $hitsAt < 1 || $hitsAt > 12)) {
            throw InvalidFlow::direction();
        }
    }

    /**
     * Refuses what a drawing cannot hold apart, where jets have places of their own.
     *
     * @throws InvalidFlow for two jets in one place
     */
    public function ensureApart(): void
    {
        foreach (JetSide::cases() as $side) {
            $places = array_map(static fn (Jet $jet): float => $jet->place, $this->jetsOf($side));
            sort($places);
            foreach ($places as $i => $place) {
                if ($i > 0 && $place - $places[$i - 1] < self::APART - 1e-9) {
                    throw InvalidFlow::samePlace();
                }
            }
        }
    }

    /** @return list<Jet> */
    public function jetsOf(JetSide $side): array
    {
        return array_values(array_filter($this->jets, static fn (Jet $jet): bool => $jet->side === $side));
    }

    /** How many jets are shut on a side, a half-shut one as a half. */
    public function blockedJets(JetSide $side): float
    {
        return array_sum(array_map(static fn (Jet $jet): float => $jet->blocked, $this->jetsOf($side)));
    }

    /**
     * Open area over area of all jets, 0 to 1; null without jets.
     *
     * @param JetSide|null $side only of this side
     */
    public function openness(?JetSide $side = null): ?float
    {
        $jets = null === $side ? $this->jets : $this->jetsOf($side);
        if ([] === $jets) {
            return null;
        }
        $widest = max(array_map(static fn (Jet $jet): float => $jet->bore, $jets));
        $open = $all = 0.0;
        foreach ($jets as $jet) {
            $area = ($jet->bore / $widest) ** 2;
            $open += $area * (1 - $jet->blocked);
            $all += $area;
        }

        return $open / $all;
    }
}
