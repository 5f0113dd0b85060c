<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** What a cup in the rack says of the water that reaches it. */
enum CupVerdict: string
{
    case Good = 'good';
    case Weak = 'weak';
    case Starved = 'starved';

    /** So little, but arms take turns: it may be another's minute. */
    case KeepChecking = 'keep-checking';
    case NoBaseline = 'no-baseline';
}
