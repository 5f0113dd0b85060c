<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

/** Something a tick says that did not go by the book; the pages put it in words. */
final readonly class Remark
{
    public const BEGUN_WITHOUT = 'begun_without';
    public const LEFT_OVER = 'left_over';
    public const RUN_ANYWAY = 'run_anyway';
    public const WAS_LATE = 'was_late';

    /**
     * @param string $kind one of the constants
     * @param array<string, mixed> $with kit ids, pieces, or the minutes of a wait
     */
    public function __construct(public string $kind, public array $with)
    {
    }
}
