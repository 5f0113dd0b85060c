<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

/** Spray arms on a page, with what their drawing's script is given. */
final readonly class ArmsShown
{
    /** @param list<ArmView> $views */
    public function __construct(public array $views, public string $script)
    {
    }
}
