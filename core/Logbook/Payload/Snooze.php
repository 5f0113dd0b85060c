<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Day;

/** A reminder was put off. The clock of the task runs on. */
final readonly class Snooze implements Payload
{
    /**
     * @param string $task care task id
     * @param Day $until first day it may be asked for again
     * @param string $reason in the person's words
     */
    public function __construct(public string $task, public Day $until, public string $reason)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('task'), $fields->day('until'), $fields->text('reason'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Snooze;
    }

    public function toArray(): array
    {
        return ['task' => $this->task, 'until' => (string) $this->until, 'reason' => $this->reason];
    }
}
