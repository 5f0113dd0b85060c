<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Fraction;

/** A part was opened and looked at: how much of it was blocked, and how much was left so. */
final readonly class Opening implements Payload
{
    public const BY_GRADE = 'grade';
    public const COUNTED = 'counted';
    public const AS_TOLD = 'told';
    public const AS_NEW = 'new';
    public const DONE = 'done';
    public const MEASURED = 'measured';

    /**
     * @param string $task care task id
     * @param Fraction|null $found blocked fraction as it came out; null when nobody looked ("cleaned about a month
     *     ago", or a job with nothing to grade)
     * @param Fraction $left blocked fraction as it went back
     * @param string $how how it was measured
     */
    public function __construct(public string $task, public ?Fraction $found, public Fraction $left, public string $how = self::BY_GRADE)
    {
    }

    /**
     * Counted outside a round. What is shut as it goes back is what nobody looked at before: it teaches nothing and counts from
     * now.
     *
     * @param bool $isFound whether it was counted as it came out
     */
    public static function counted(string $task, Fraction $blocked, bool $isFound): self
    {
        return new self($task, $isFound ? $blocked : null, $blocked, self::COUNTED);
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('task'), $fields->optionalFraction('found'), $fields->fraction('left'), $fields->text('how'));
    }

    /** Whether it was counted or measured, and not judged by eye. */
    public function isMeasured(): bool
    {
        return null !== $this->found && in_array($this->how, [self::COUNTED, self::MEASURED], true);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Opening;
    }

    public function toArray(): array
    {
        return ['task' => $this->task, 'found' => $this->found?->value, 'left' => $this->left->value, 'how' => $this->how];
    }
}
