<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** Something was noticed that is not as it should be. */
final readonly class Symptom implements Payload
{
    /**
     * @param string $symptom as the handbook names it
     * @param string|null $task care task that it points to, as the person sees it
     * @param string|null $where zone of the machine
     * @param string|null $badly how bad it is
     */
    public function __construct(
        public string $symptom,
        public ?string $task = null,
        public ?string $where = null,
        public ?string $badly = null,
    ) {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self(
            $fields->text('symptom'),
            $fields->optionalText('task'),
            $fields->optionalText('where'),
            $fields->optionalText('badly'),
        );
    }

    public function kind(): EntryKind
    {
        return EntryKind::Symptom;
    }

    public function toArray(): array
    {
        return ['symptom' => $this->symptom, 'task' => $this->task] + array_filter(['where' => $this->where, 'badly' => $this->badly]);
    }
}
