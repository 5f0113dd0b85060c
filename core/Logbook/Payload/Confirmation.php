<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** A person said whether a symptom came from a care task that had been left too long. */
final readonly class Confirmation implements Payload
{
    /**
     * @param string $symptom id of the entry that noted it
     * @param string $task care task id
     */
    public function __construct(public string $symptom, public string $task, public bool $caused)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('symptom'), $fields->text('task'), $fields->flag('caused'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Confirmation;
    }

    public function toArray(): array
    {
        return ['symptom' => $this->symptom, 'task' => $this->task, 'caused' => $this->caused];
    }
}
