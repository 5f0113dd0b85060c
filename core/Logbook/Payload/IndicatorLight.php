<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** An indicator light of a machine came on, or went out. */
final readonly class IndicatorLight implements Payload
{
    /**
     * @param string $light as the handbook names it
     */
    public function __construct(public string $light, public bool $on)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('light'), $fields->flag('on'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Light;
    }

    public function toArray(): array
    {
        return ['light' => $this->light, 'on' => $this->on];
    }
}
