<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Machine\Option;

/** The constants of dose and scale, as the handbook's dose.yaml states them. */
final readonly class DoseModel
{
    /**
     * @param array<string, float> $hardnessUnits mg/L of calcium carbonate in one of each unit
     * @param float $deposited share of the hardness of heated water that settles as scale
     * @param float $efficiency share of an acid that reacts
     * @param float $carbonate g/mol of calcium carbonate
     * @param array<string, array{molarMass: float, ratio: float, agents: list<string>}> $acids by name; ratio is mol of
     *     carbonate one mol dissolves
     * @param float $recipeStrength % vinegar that recipes are written for
     * @param array{litres: float, hardness: float, least: float, most: float, brewLitres: float} $brewLimit brews at
     *     that hardness and brew volume, and the bounds
     * @param array{float, float} $usualBrews the band that is usual
     * @param array{minutes: float, heavy: float, heavyAboveGrams: float, slowedBy: float} $stand minutes the acid
     *     stands
     * @param list<float> $strip °dH that a test strip stands for, by windows turned, from none
     * @param float $rinseTanks tanks of fresh water that rinse an acid out, at least
     * @param list<array{Option, float}> $feels how hard water shows without a strip, each with its °dH
     */
    public function __construct(
        public array $hardnessUnits,
        public float $deposited,
        public float $efficiency,
        public float $carbonate,
        public array $acids,
        public float $recipeStrength,
        public array $brewLimit,
        public array $usualBrews,
        public array $stand,
        public array $strip,
        public float $rinseTanks,
        public array $feels,
    ) {
    }

    /** @return list<string> agents whose strength is printed on their bottle and told by the household: vinegars */
    public function vinegars(): array
    {
        return $this->acids['acetic']['agents'] ?? [];
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        $numbers = static fn (string $key): array => $node->at($key)->numbers();
        $limit = $node->at('brewLimit');
        $stand = $node->at('stand');
        $usual = array_values($limit->at('usual')->numbers());

        return new self(
            hardnessUnits: $numbers('hardness'),
            deposited: $node->number('deposited'),
            efficiency: $node->number('efficiency'),
            carbonate: $node->number('carbonate'),
            acids: array_map(
                static fn (Node $acid): array => [
                    'molarMass' => $acid->number('molarMass'),
                    'ratio' => $acid->number('ratio'),
                    'agents' => $acid->at('agents')->strings(),
                ],
                $node->at('acids')->named(),
            ),
            recipeStrength: $node->number('recipeStrength'),
            brewLimit: [
                'hardness' => $limit->number('hardness'),
                'litres' => $limit->number('litres'),
                'least' => $limit->number('least'),
                'most' => $limit->number('most'),
                'brewLitres' => $limit->number('brewLitres'),
            ],
            usualBrews: [min($usual ?: [0.0]), max($usual ?: [0.0])],
            stand: [
                'minutes' => $stand->number('minutes'),
                'heavy' => $stand->number('heavy'),
                'heavyAboveGrams' => $stand->number('heavyAboveGrams'),
                'slowedBy' => $stand->number('slowedBy'),
            ],
            strip: array_values($node->at('strip')->numbers()),
            rinseTanks: $node->at('rinse')->number('tanks'),
            feels: array_map(static fn (Node $feel): array => [Option::read($feel), $feel->number('dH')], $node->at('feels')->items()),
        );
    }
}
