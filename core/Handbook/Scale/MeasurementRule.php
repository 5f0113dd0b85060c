<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Scale;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Quantity\NumberRange;

/** Something a person counts, measures or notices on the way: what it is and which values it may have. */
final readonly class MeasurementRule
{
    /**
     * @param string|null $unit of a number or of the things counted
     * @param NumberRange|null $range of a number, or of how many there are in all
     * @param list<Option> $options to pick from
     * @param bool $heard whether a microphone can show roughly how loud it is
     */
    public function __construct(
        public string $id,
        public string $name,
        public MeasurementKind $kind,
        public ?string $unit,
        public ?NumberRange $range,
        public array $options,
        public bool $heard = false,
    ) {
    }

    /** @internal to this folder */
    public static function read(Node $node): self
    {
        return new self(
            $node->string('id'),
            $node->string('name'),
            MeasurementKind::from($node->string('kind')),
            $node->optional('unit'),
            $node->has('least') ? new NumberRange($node->number('least'), $node->number('most')) : null,
            array_map(
                static fn (Node $option): Option => new Option($option->string('id'), $option->string('name'), null),
                $node->at('options')->items(),
            ),
            $node->flag('heard'),
        );
    }

    /** The name of a picked option; the id where it is not one any more. */
    public function optionName(string $id): string
    {
        return Option::among($this->options, $id)->name ?? $id;
    }
}
