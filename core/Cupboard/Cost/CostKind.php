<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard\Cost;

/** What money goes for. */
enum CostKind: string
{
    case Supplies = 'supplies';
    case Parts = 'parts';
    case Calls = 'calls';
    case Runs = 'runs';
    case Waste = 'waste';
    case Time = 'time';
}
