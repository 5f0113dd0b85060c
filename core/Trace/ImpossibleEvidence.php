<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

use GoodRinse\Core\CoreException;

/** What was answered rules every cause out. */
final class ImpossibleEvidence extends \DomainException implements CoreException
{
    public const ANSWER = 'answers';
    public const FAILED = 'failed';

    /**
     * @param string $kind ANSWER or FAILED
     * @param int $place of the answer or the failed action that left no cause
     */
    private function __construct(public readonly string $kind, public readonly int $place, string $message)
    {
        parent::__construct($message);
    }

    public static function answer(int $place, string $check, string $result): self
    {
        return new self(self::ANSWER, $place, "With \"$result\" at \"$check\" no cause is left.");
    }

    public static function failed(int $place, string $action): self
    {
        return new self(self::FAILED, $place, "If \"$action\" did not help, no cause is left.");
    }
}
