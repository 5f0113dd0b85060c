<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

/** How far a care task is along its rhythm. */
enum CareState: string
{
    case Fresh = 'fresh';
    case Settling = 'settling';
    case Soon = 'soon';
    case Due = 'due';
    case Overdue = 'overdue';

    public function isDue(): bool
    {
        return self::Due === $this || self::Overdue === $this;
    }
}
