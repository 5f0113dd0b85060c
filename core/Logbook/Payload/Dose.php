<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload;

use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Portion;

/** An agent went into a vessel. */
final readonly class Dose implements Payload
{
    /**
     * @param Portion|null $portion null when nobody measured it
     * @param float|null $strength % of the agent, where it has one and it is known
     */
    public function __construct(public string $agent, public string $vessel, public ?Portion $portion, public ?float $strength = null)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        return new self($fields->text('agent'), $fields->text('vessel'), $fields->portion(), $fields->optionalNumber('strength'));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Dose;
    }

    public function toArray(): array
    {
        return ['agent' => $this->agent, 'vessel' => $this->vessel]
            + (null === $this->portion ? [] : [$this->portion->unit->value => $this->portion->count])
            + (null === $this->strength ? [] : ['strength' => $this->strength]);
    }
}
