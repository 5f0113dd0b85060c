<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;

/** Something was counted, measured or noticed on the way: blocked jets, grams of grease, seeds in the sump. */
final readonly class Measurement implements Payload
{
    /**
     * @param string $what id of the reading in the handbook
     * @param float|null $number in the reading's unit; of a ratio how many are shut
     * @param float|null $of of a ratio how many there are in all
     * @param list<string> $picks ids of what was noticed
     */
    public function __construct(public string $what, public ?float $number = null, public ?float $of = null, public array $picks = [])
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('what'), $fields->optionalNumber('number'), $fields->optionalNumber('of'), $fields->texts('picks'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Measurement;
    }

    public function toArray(): array
    {
        return ['what' => $this->what, 'number' => $this->number, 'of' => $this->of, 'picks' => implode(',', $this->picks)];
    }
}
