<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

/**
 * Writes out what conditions say of grades in short: "soiled" is every step of the scale but the clean one.
 *
 * @internal to this folder
 */
final readonly class AnswerNames
{
    private const SOILED = 'soiled';

    public function __construct(private Node $scales)
    {
    }

    /**
     * @param list<array<array-key, mixed>> $steps
     *
     * @return list<array<array-key, mixed>>
     */
    public function writeOut(array $steps): array
    {
        $soiled = [];
        foreach ($steps as $step) {
            $capture = Node::of($step)->at('capture');
            if ($capture->has('scale')) {
                $soiled[$capture->string('id')] = array_values(
                    array_unique([...$soiled[$capture->string('id')] ?? [], ...$this->soiled($capture->string('scale'))]),
                );
            }
        }

        return array_map(static function (array $step) use ($soiled): array {
            $if = is_array($step['if'] ?? null) ? $step['if'] : [];
            foreach ($if as $name => $values) {
                if (is_array($values) && in_array(self::SOILED, $values, true) && isset($soiled[$name])) {
                    $if[$name] = [
                        ...$soiled[$name],
                        ...array_values(array_filter($values, static fn (mixed $value): bool => self::SOILED !== $value)),
                    ];
                }
            }

            return [] === $if ? $step : ['if' => $if] + $step;
        }, $steps);
    }

    /** @return list<string> */
    private function soiled(string $scale): array
    {
        $steps = ($this->scales->byId()[$scale] ?? Node::of([]))->at('steps')->items();

        return array_map(static fn (Node $step): string => $step->string('id'), array_slice($steps, 1));
    }
}
