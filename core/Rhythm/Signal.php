<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

/** Something that makes a task due today whatever its clocks say. */
final readonly class Signal
{
    public const LIGHT = 'light';
    public const SYMPTOM = 'symptom';
    /** It takes so many per cent longer than when it was clean. */
    public const SLOW = 'slow';
    public const NEVER_OPENED = 'never-opened';

    /** @param string $kind one of the constants */
    public function __construct(public string $kind, public string $name)
    {
    }
}
