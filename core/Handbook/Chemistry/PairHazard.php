<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

/** What becomes of two agents that meet. */
enum PairHazard: string
{
    /** People are hurt: the vessel is cleared first, however long ago the other went in. */
    case Danger = 'danger';
    /** It is wasted or harms things. */
    case Avoid = 'avoid';
    /** The one cancels the other. */
    case Wasteful = 'wasteful';
}
