<?php

declare(strict_types=1);

namespace GoodRinse\Core\Quantity;

/** What a portion is counted in; the value is its key in the handbook and the logbook. */
enum PortionUnit: string
{
    case Millilitres = 'ml';
    case Grams = 'g';
    case Pieces = 'pieces';
}
