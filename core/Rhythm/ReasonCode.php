<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

/** The kinds of sentence that explain a due date; the words themselves belong to the pages. */
enum ReasonCode: string
{
    /** unit, elapsed, interval: the clock that decides and how far it has run. */
    case ClockDecides = 'clock-decides';
    /** unit, interval: nothing has been found yet, so the starting interval stands. */
    case NothingLearned = 'nothing-learned';
    /** unit, found, uses, before, after, limit: what the newest opening did to the interval. */
    case Learned = 'learned';
    /** unit, interval, instead: the household keeps it so; 0 where nothing else would have been learned. */
    case Kept = 'kept';
    /** by: nobody knows how it is, so somebody looks once, by that day. */
    case LookOnce = 'look-once';
    /** left, unit, uses: what was left in place counts as uses already run. */
    case LeftInPlace = 'left-in-place';
    /** unit: the clock stands still, so no date follows from it. */
    case NoUse = 'no-use';
    /** kind, name: an indicator light or an open symptom asks for it today. */
    case Signal = 'signal';
    /** until: the reminder was moved, the clock was not. */
    case Snoozed = 'snoozed';
    /** until: nobody is there to be reminded. */
    case Away = 'away';
}
