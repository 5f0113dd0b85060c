<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm\Learning;

/** What held a learned interval back from where the evidence pointed. */
enum Limit: string
{
    case None = 'none';
    case Doubled = 'doubled';
    case Halved = 'halved';
    case Least = 'least';
    case Most = 'most';
}
