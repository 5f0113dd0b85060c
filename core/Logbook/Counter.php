<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

/** A machine was used, once or several times. */
final readonly class Counter implements Payload
{
    /**
     * @param string $unit what is counted, as in the handbook: loads, brews …
     * @param float  $uses above 0
     *
     * @throws MalformedEntry when uses are not above 0
     */
    public function __construct(public string $unit, public float $uses)
    {
        if (!($uses > 0)) {
            throw MalformedEntry::value(EntryKind::Counter, 'uses');
        }
    }

    public function kind(): EntryKind
    {
        return EntryKind::Counter;
    }

    public function toArray(): array
    {
        return ['unit' => $this->unit, 'uses' => $this->uses];
    }
}
