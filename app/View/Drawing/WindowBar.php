<?php

declare(strict_types=1);

namespace App\View\Drawing;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Rhythm;

/** A task's time line from its last opening: the due window, the due day and today, as places from 0 to 100. */
final readonly class WindowBar
{
    private function __construct(public float $from, public float $to, public float $due, public float $today)
    {
    }

    /** Soft: the likely days. Blue: the due day. Copper pin: today. */
    public function svg(): string
    {
        return '<svg class="window-bar" viewBox="0 0 200 34" preserveAspectRatio="none" aria-hidden="true" focusable="false">'
            .'<rect class="in-line" x="0" y="20" width="200" height="4" rx="2"/>'
            .sprintf(
                '<rect class="in-soft" x="%s" y="15" width="%s" height="14" rx="6"/>',
                $this->from * 2,
                max(3, ($this->to - $this->from) * 2),
            )
            .sprintf('<rect class="in-rim" x="%s" y="11" width="4" height="22" rx="2"/>', $this->due * 2 - 2)
            .sprintf(
                '<path class="in-copper" d="M%s 18 l-7 -12 h14Z"/><rect class="in-copper" x="%s" y="10" width="2.4" height="22" '
                    .'rx="1"/></svg>',
                $this->today * 2,
                $this->today * 2 - 1.2,
            );
    }

    /** Null where there is no date to draw. */
    public static function of(Rhythm $rhythm, Day $lastOpening, Day $today): ?self
    {
        if (null === $rhythm->dueOn || null === $rhythm->window) {
            return null;
        }
        [$earliest, $latest] = $rhythm->window;
        $end = max($latest->since($lastOpening), $today->since($lastOpening), $rhythm->dueOn->since($lastOpening), 1) * 1.06;
        $place = static fn (Day $day): float => round(min(100, max(0, $day->since($lastOpening) / $end * 100)), 1);

        return new self($place($earliest), $place($latest), $place($rhythm->dueOn), $place($today));
    }
}
