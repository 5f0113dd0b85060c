<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Quantity\NumberRange;

/** The constants of what is measured, as the handbook's measures.yaml states them. */
final readonly class MeasureModel
{
    /**
     * @param float $bore mm of a jet that nobody has measured
     * @param float $severalShut share of an arm's jets from which several are shut, 0 to 1
     * @param NumberRange $bores mm that a jet may have
     * @param NumberRange $cups ml that a cup may hold
     * @param float $usualCup ml of a cup that nobody has described
     * @param array<string, array{name: string, flare: float}> $shapes of cups by id; width at the brim over width at
     *     the floor
     * @param float $longestTest minutes
     * @param array{measurement: string, task: string} $timed what is timed, and the care task that lime makes due
     * @param int $normalTimes newest clean times that make a machine's normal
     * @param NumberRange $times minutes that a pot or cup may take
     * @param array{least: float, most: float, ran: list<string>, expects: list<float>, step: float} $lime by what the share that
     *     settles may be multiplied; what may run out, from little lime to much; of a full interval's lime, from which each but
     *     the first is expected; factor for one step more or less
     * @param string $ranMeasurement reading of what ran out while descaling
     * @param array{dripsAt: float, wet: float, tare: float} $grease in g: due to be washed off; what a filter may gain by
     *     a wash; what a clean weight may differ by
     * @param string $weighedTask care task of the filters that are weighed
     * @param NumberRange $filters g that a filter may weigh
     * @param float $hardest mg/L that no tap's water goes beyond
     */
    public function __construct(
        public FlowModel $flow,
        public float $bore,
        public float $severalShut,
        public NumberRange $bores,
        public NumberRange $cups,
        public float $usualCup,
        public array $shapes,
        public float $longestTest,
        public array $timed,
        public int $normalTimes,
        public NumberRange $times,
        public array $lime,
        public string $ranMeasurement,
        public array $grease,
        public string $weighedTask,
        public NumberRange $filters,
        public float $hardest,
    ) {
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        $cup = $node->at('cup');
        $lime = $node->at('lime');
        $grease = $node->at('grease');

        return new self(
            flow: FlowModel::read($node),
            bore: $node->at('spray')->number('bore'),
            severalShut: $node->at('spray')->number('several'),
            bores: self::range($node->at('spray')->at('bores')),
            cups: self::range($cup->at('ml')),
            usualCup: $cup->at('ml')->number('usual'),
            shapes: array_map(
                static fn (Node $shape): array => ['name' => $shape->string('name'), 'flare' => $shape->number('flare')],
                $cup->at('shapes')->byId(),
            ),
            longestTest: $cup->number('minutes'),
            timed: ['measurement' => $node->at('time')->string('measurement'), 'task' => $node->at('time')->string('task')],
            normalTimes: (int) $node->at('time')->number('readings'),
            times: self::range($node->at('time')->at('minutes')),
            lime: [
                'least' => $lime->number('least'),
                'most' => $lime->number('most'),
                'ran' => $lime->at('ran')->strings(),
                'expects' => array_values($lime->at('expects')->numbers()),
                'step' => $lime->number('step'),
            ],
            ranMeasurement: $lime->string('measurement'),
            grease: [
                'dripsAt' => $grease->number('dripsAt'),
                'wet' => $grease->number('wet'),
                'tare' => $grease->number('tare'),
            ],
            weighedTask: $grease->string('task'),
            filters: self::range($grease->at('filters')),
            hardest: $node->at('hardness')->number('most'),
        );
    }

    private static function range(Node $node): NumberRange
    {
        return new NumberRange($node->number('least'), $node->number('most'));
    }
}
