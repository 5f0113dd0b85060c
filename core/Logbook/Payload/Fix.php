<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** Something put a machine right, as a person saw it. */
final readonly class Fix implements Payload
{
    /**
     * @param string $action as the handbook names it
     * @param string|null $cause the likeliest cause that it removes
     * @param string $trace id of the trace that ended with it
     * @param bool $helped whether it held, as far as is known
     */
    public function __construct(public string $action, public ?string $cause, public string $trace, public bool $helped = true)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self(
            $fields->text('action'),
            $fields->optionalText('cause'),
            $fields->text('trace'),
            $fields->flag('helped', missing: true),
        );
    }

    public function kind(): EntryKind
    {
        return EntryKind::Fix;
    }

    public function toArray(): array
    {
        return ['action' => $this->action, 'cause' => $this->cause, 'trace' => $this->trace] + ($this->helped ? [] : ['helped' => false]);
    }
}
