<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\View\Pages\Today\TaskLine;

final class CutawayDripBrewer extends Cutaway
{
    /** Whether the coffee runs into a thermal carafe, so that there is no plate under it. */
    public function isThermal(): bool
    {
        return 'thermal' === $this->isOr('carafe', 'glass');
    }

    /** The care of the carafe; null where no date is set for it. */
    public function carafe(): ?TaskLine
    {
        return $this->lines['thermal'] ?? $this->lines['daily'] ?? null;
    }

    public function render(): string
    {
        return 'components.drawing.cutaway-drip-brewer';
    }
}
