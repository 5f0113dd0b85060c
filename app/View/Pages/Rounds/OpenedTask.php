<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Entry;
use App\View\Pages\Today\TaskLine;
use GoodRinse\Core\Handbook\Scale\Grade;

/** A care task that a round did something for, as its summary shows it. */
final readonly class OpenedTask
{
    /**
     * @param string|null $learned what the opening did to the rhythm
     * @param Grade|null $found null where nobody looked
     * @param Grade $left how it went back
     */
    public function __construct(
        public TaskLine $line,
        public Entry $entry,
        public ?string $learned,
        public ?Grade $found,
        public Grade $left,
    ) {
    }
}
