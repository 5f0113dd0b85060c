<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** Words somebody wanted kept. */
final readonly class Note implements Payload
{
    public const LONGEST = 2000;

    /** @throws MalformedEntry when empty or longer than 2000 characters */
    public function __construct(public string $text)
    {
        if ('' === trim($text) || mb_strlen($text) > self::LONGEST) {
            throw MalformedEntry::value(EntryKind::Note, 'text');
        }
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('text'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Note;
    }

    public function toArray(): array
    {
        return ['text' => $this->text];
    }
}
