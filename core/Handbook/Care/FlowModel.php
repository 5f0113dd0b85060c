<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Care;

use GoodRinse\Core\Handbook\Compiler\Node;

/** The constants of spray and cup, as the handbook's measures.yaml states them. */
final readonly class FlowModel
{
    /**
     * @param float $ringWidth width of the ring that a jet wets, in rack radii, above 0
     * @param float $wetsWhileBlocked most that may be blocked of a jet that still wets its ring, 0 to 1
     * @param float $sector degrees of the circle that one half of an arm wets where it stands
     * @param float $good share of the baseline from which a cup is good
     * @param float $weak share of the baseline from which a cup is weak; below it is starved
     * @param float $span minutes that readings must span before a cup counts as starved
     * @param int $checks or so many looks after the start
     */
    public function __construct(
        public float $ringWidth,
        public float $wetsWhileBlocked,
        public float $sector,
        public float $good,
        public float $weak,
        public float $span,
        public int $checks,
    ) {
    }

    /** The same with jets that wet rings of another width, in rack radii, above 0. */
    public function withRings(float $width): self
    {
        return new self($width, $this->wetsWhileBlocked, $this->sector, $this->good, $this->weak, $this->span, $this->checks);
    }

    /** @internal to the handbook */
    public static function read(Node $node): self
    {
        $spray = $node->at('spray');
        $cup = $node->at('cup');

        return new self(
            ringWidth: $spray->number('ringWidth'),
            wetsWhileBlocked: $spray->number('wetsWhileBlocked'),
            sector: $spray->number('sector'),
            good: $cup->number('good'),
            weak: $cup->number('weak'),
            span: $cup->number('span'),
            checks: (int) $cup->number('checks'),
        );
    }
}
