<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Order;

/**
 * Where a step would stand if nothing held it back: by its stage, its procedure and its place in that.
 *
 * @internal to this folder
 */
final readonly class StepRanks
{
    /** Minutes that a wait may last for its end to be put off until the rest is done. */
    private const PATIENT = 60;

    public function __construct(private StepData $steps)
    {
    }

    /**
     * @param array<string, StepChain> $chains
     *
     * @return array<string, array<int, float|int>>
     */
    public function of(array $chains): array
    {
        $ranks = [];
        $numbers = array_flip(array_keys($chains));
        foreach (array_values($chains) as $number => $chain) {
            foreach ($chain->ids() as $place => $id) {
                $taken = array_intersect_key($numbers, array_flip($chain->after[$id] ?? []));
                $procedure = [] === $taken ? $number : max($number, max($taken) + 0.5);
                $stage = $chain->stages[$id];
                $closes = $stage >= StepChain::REFITTING;
                $was = $ranks[$id] ?? null;
                $ranks[$id] = null === $was
                    ? [$stage, $this->canWait($id) && StepChain::OPEN === $stage ? 1 : 0, $procedure, $place]
                    : [$closes ? max($was[0], $stage) : min($was[0], $stage), ...array_slice($was, 1)];
            }
        }

        return $ranks;
    }

    private function canWait(string $id): bool
    {
        $timer = $this->steps->of($this->steps->text($id, 'waitsFor') ?? '')['timer'] ?? null;
        $most = is_array($timer) ? $timer['most'] ?? self::PATIENT : 0;

        return is_numeric($most) && $most >= self::PATIENT;
    }
}
