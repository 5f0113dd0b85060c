<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

/**
 * Checks what keeps hands safe: a caution names the machine in front of the person and no other, no hand reaches below the
 * floor of a machine that has power or holds water, and no procedure states minutes that its steps add up by themselves.
 *
 * @internal to this folder
 */
final readonly class SafetyReferences
{
    private const MINUTES =
        '/\b(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|fifteen|twenty|thirty|forty|sixty|ninety) minutes?\b/i';

    /** @param array<string, list<string>> $kinds that a caution is only for, by caution; empty for all */
    private function __construct(private ProblemList $problems, private array $kinds)
    {
    }

    public static function of(ProblemList $problems, Node $handbook): self
    {
        return new self(
            $problems,
            array_map(static fn (Node $caution): array => $caution->at('kinds')->strings(), $handbook->at('cautions')->byId()),
        );
    }

    public function check(Node $kind): void
    {
        $steps = $kind->at('steps')->byId();
        foreach ($steps as $step) {
            [$file, $pointer] = [...$step->at('at')->strings(), '', ''];
            foreach ($step->at('cautions')->strings() as $caution) {
                $only = $this->kinds[$caution] ?? [];
                if ([] !== $only && !in_array($kind->at('kind')->string('id'), $only, true)) {
                    $this->problems->add($file, "$pointer/cautions", sprintf('"%s" names parts of: %s', $caution, implode(', ', $only)));
                }
            }
        }
        $bails = [] !== array_filter($steps, static fn (Node $step): bool => $step->flag('bails'));
        foreach ($kind->at('procedures')->items() as $procedure) {
            $file = $procedure->string('file');
            foreach (['name', 'does'] as $key) {
                if (1 === preg_match(self::MINUTES, $procedure->string($key))) {
                    $this->problems->add($file, "/$key", 'minutes are added up from the steps: leave them out');
                }
            }
            $ids = array_intersect($procedure->at('steps')->strings(), array_keys($steps));
            $this->below($file, array_values(array_map(static fn (string $id): Node => $steps[$id], $ids)), $bails);
        }
    }

    /**
     * @param list<Node> $steps of a procedure, in their order
     * @param bool $bails whether water can stand in machines of this kind
     */
    private function below(string $file, array $steps, bool $bails): void
    {
        $isOff = $isBailed = false;
        foreach ($steps as $step) {
            $isOff = $isOff || $step->flag('powerOff');
            $isBailed = $isBailed || $step->flag('bails');
            if (!$step->flag('inWell')) {
                continue;
            }
            if (!$isOff) {
                $this->problems->add($file, '/steps', sprintf('"%s" reaches below the floor before the power is off', $step->string('id')));
            }
            if ($bails && !$isBailed && self::reachesIn($step)) {
                $this->problems->add($file, '/steps', sprintf('"%s" reaches into water that nobody has bailed', $step->string('id')));
            }
        }
    }

    /** Whether a hand goes in; a torch and tweezers do not count. */
    private static function reachesIn(Node $step): bool
    {
        return $step->has('takesOff') || $step->has('amounts') || 'confirm' === $step->at('capture')->optional('kind');
    }
}
