<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

/** What sort of answer a step asks for. */
enum CaptureKind: string
{
    case Grade = 'grade';
    case Confirm = 'confirm';
    case Choice = 'choice';

    /** Something that is counted up one by one, and how far it came. */
    case Tally = 'tally';
}
