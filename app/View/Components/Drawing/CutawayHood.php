<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

final class CutawayHood extends Cutaway
{
    /** Whether its filter is a row of baffles. */
    public function baffles(): bool
    {
        return 'baffle' === $this->isOr('form', 'layers');
    }

    /** Whether the air goes back into the kitchen. */
    public function returnsAir(): bool
    {
        return 'back' === $this->isOr('air', 'outside');
    }

    public function render(): string
    {
        return 'components.drawing.cutaway-hood';
    }
}
