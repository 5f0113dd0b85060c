<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Quantity\Minutes;

/** How long a procedure takes one person who follows it in order. */
final readonly class Estimate
{
    /**
     * @param Minutes $hands of a person's hands
     * @param Minutes $all from start to end, waits included
     * @param string|null $wait name of the first wait
     * @param list<string> $meanwhile short names of the steps done during it
     */
    private function __construct(public Minutes $hands, public Minutes $all, public ?string $wait, public array $meanwhile)
    {
    }

    /**
     * @param Procedure $procedure fitted to the machine
     * @param array<string, string> $answers expected, by capture id; they decide which steps come up and how long a
     *     soak is
     */
    public static function of(Procedure $procedure, array $answers): self
    {
        $hands = $clock = 0.0;
        $ready = $meanwhile = [];
        $wait = $waiting = null;
        foreach ($procedure->steps as $step) {
            if (!$step->if->holds($answers)) {
                continue;
            }
            $clock = max($clock, $ready[$step->waitsFor ?? ''] ?? 0.0) + $step->hands->value;
            $hands += $step->hands->value;
            $waiting = null !== $waiting && $step->waitsFor === $waiting ? null : $waiting;
            if (null !== $waiting) {
                $meanwhile[] = $step->short;
            }
            if (null !== $step->timer) {
                $ready[$step->id] = $clock + $step->timer->lasts($answers)->value;
                if (null === $wait) {
                    [$wait, $waiting] = [$step->timer->label, $step->id];
                }
            }
        }

        return new self(Minutes::of($hands), Minutes::of($clock), $wait, $meanwhile);
    }
}
