<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/** What is known so far. */
final readonly class Evidence
{
    /**
     * @param list<array{string, string}> $answers check and result, in the order they were given
     * @param list<string> $failed actions that did not help
     * @param list<string> $skipped checks and actions that cannot be done here
     */
    public function __construct(public array $answers = [], public array $failed = [], public array $skipped = [])
    {
    }

    public function isAnswered(string $check): bool
    {
        return in_array($check, array_column($this->answers, 0), true) || in_array($check, $this->skipped, true);
    }

    public function isTried(string $action): bool
    {
        return in_array($action, $this->failed, true) || in_array($action, $this->skipped, true);
    }
}
