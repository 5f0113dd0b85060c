<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** A machine was used, once or several times. */
final readonly class UseCount implements Payload
{
    /**
     * @param string $unit what is counted, as in the handbook: loads, brews …
     * @param float $uses 0 or more where they are spread over days, else above 0
     * @param int|null $over days up to this one that they are spread over, 1 to 366; null for just now
     *
     * @throws MalformedEntry when a number is outside its range
     */
    public function __construct(public string $unit, public float $uses, public ?int $over = null)
    {
        if ($uses < 0 || !is_finite($uses) || (null === $over && 0.0 === $uses)) {
            throw MalformedEntry::value(EntryKind::Counter, 'uses');
        }
        if (null !== $over && ($over < 1 || $over > 366)) {
            throw MalformedEntry::value(EntryKind::Counter, 'over');
        }
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('unit'), $fields->number('uses'), $fields->optionalInteger('over'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Counter;
    }

    public function toArray(): array
    {
        return ['unit' => $this->unit, 'uses' => $this->uses] + (null === $this->over ? [] : ['over' => $this->over]);
    }
}
