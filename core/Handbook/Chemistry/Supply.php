<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/** An agent as it stands in the cupboard: what it is counted in, and the packages it is sold in. */
final readonly class Supply
{
    /**
     * @param string $id of the agent
     * @param non-empty-list<float> $packages in its unit, above 0, the usual one first
     * @param float|null $density grams in a millilitre; null where the one unit does not go into the other
     * @param float $fades share of its strength lost in half a year, 0 to 1
     * @param int|null $keeps months after which it is not relied on
     */
    public function __construct(
        public string $id,
        public PortionUnit $unit,
        public array $packages,
        public ?float $density = null,
        public float $fades = 0.0,
        public ?int $keeps = null,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->string('id'),
            PortionUnit::from($node->string('unit')),
            array_values($node->at('packages')->numbers()) ?: [1.0],
            $node->has('density') ? $node->number('density') : null,
            $node->has('fades') ? $node->number('fades') : 0.0,
            $node->has('keeps') ? (int) $node->number('keeps') : null,
        );
    }

    /** So much of it in its own unit; null where the one does not go into the other. */
    public function inUnit(Portion $portion): ?float
    {
        return match (true) {
            $portion->unit === $this->unit => $portion->count,
            null === $this->density => null,
            PortionUnit::Grams === $this->unit && PortionUnit::Millilitres === $portion->unit => $portion->count * $this->density,
            PortionUnit::Millilitres === $this->unit && PortionUnit::Grams === $portion->unit => $portion->count / $this->density,
            default => null,
        };
    }
}
