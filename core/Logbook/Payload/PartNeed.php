<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** A part that is worn, is to be ordered, or has been ordered; it stands until a new one is fitted. */
final readonly class PartNeed implements Payload
{
    public const WORN = 'worn';
    public const TO_ORDER = 'to-order';
    public const ORDERED = 'ordered';
    public const STAGES = [self::WORN, self::TO_ORDER, self::ORDERED];
    public const LONGEST = 200;

    /**
     * @param string $stage one of STAGES
     * @param string|null $number part number, as its maker has it
     * @param string|null $note what somebody wanted kept of it, at most 200 characters
     *
     * @throws MalformedEntry for another stage or too long a note
     */
    public function __construct(public string $part, public string $stage, public ?string $number = null, public ?string $note = null)
    {
        if (!in_array($stage, self::STAGES, true)) {
            throw MalformedEntry::value(EntryKind::PartNeed, 'stage');
        }
        if (mb_strlen((string) $number) > self::LONGEST || mb_strlen((string) $note) > self::LONGEST) {
            throw MalformedEntry::value(EntryKind::PartNeed, 'note');
        }
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('part'), $fields->text('stage'), $fields->optionalText('number'), $fields->optionalText('note'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::PartNeed;
    }

    public function toArray(): array
    {
        return ['part' => $this->part, 'stage' => $this->stage] + array_filter(
            ['number' => $this->number, 'note' => $this->note],
            static fn (?string $text): bool => null !== $text,
        );
    }
}
