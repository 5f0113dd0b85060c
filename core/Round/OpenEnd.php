<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

/** Something that is not as it should be when a round ends. */
final readonly class OpenEnd
{
    public const PART_OFF = 'part-off';
    public const LEFT_OVER = 'left-over';
    public const NOT_TESTED = 'not-tested';
    public const FAILED = 'failed';

    /**
     * @param string $kind one of the constants
     * @param string $what the part that is off or has something left over, or the check that did not pass
     */
    public function __construct(public string $kind, public string $what)
    {
    }
}
