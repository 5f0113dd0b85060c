<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** A question about a part was answered: the pull test, the suds. */
final readonly class Check implements Payload
{
    public function __construct(public string $check, public string $result, public bool $passed)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('check'), $fields->text('result'), $fields->flag('passed'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Check;
    }

    public function toArray(): array
    {
        return ['check' => $this->check, 'result' => $this->result, 'passed' => $this->passed];
    }
}
