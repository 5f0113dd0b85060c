<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Quantity\Minutes;

/** How long after its end a wait is ended, and whether that matters. */
final readonly class Lateness
{
    /**
     * @param Minutes $by since the wait was over, more than 0
     * @param Minutes|null $most longest the wait may be in all
     * @param bool $harms whether it was longer than that
     * @param string|null $means what that means, in the handbook's words
     */
    public function __construct(public Minutes $by, public ?Minutes $most, public bool $harms, public ?string $means)
    {
    }
}
