<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Handbook\Procedure\TimerRule;
use GoodRinse\Core\Quantity\Minutes;

/** A wait that a step started. */
final readonly class RunningTimer
{
    /** Later than this is worth a word. */
    private const GRACE_SECONDS = 60;

    /**
     * @param Minutes|null $most longest it may be
     * @param string|null $late what being late means
     * @param string|null $ends what a person says when it is over
     * @param bool $runs whether the machine runs meanwhile
     * @param bool $open whether it takes as long as the rest of the work
     */
    public function __construct(
        public string $step,
        public string $label,
        public \DateTimeImmutable $startedAt,
        public Minutes $lasts,
        public ?Minutes $most = null,
        public ?string $late = null,
        public ?string $ends = null,
        public bool $runs = false,
        public bool $open = false,
    ) {
    }

    /** @param array<string, string> $answers of the round, by capture */
    public static function of(string $step, TimerRule $rule, Tick $tick, array $answers): self
    {
        return new self(
            step: $step,
            label: $rule->label,
            startedAt: $tick->at,
            lasts: null === $tick->details->wait ? $rule->lasts($answers) : Minutes::of($tick->details->wait),
            most: $rule->most,
            late: $rule->late,
            ends: $rule->ends,
            runs: $rule->machine,
            open: 0.0 === $tick->details->wait,
        );
    }

    public function endsAt(): \DateTimeImmutable
    {
        return $this->startedAt->modify(sprintf('+%d seconds', $this->lasts->seconds()));
    }

    /** Whole seconds until it ends; negative once it has. */
    public function secondsLeft(\DateTimeImmutable $now): int
    {
        return $this->endsAt()->getTimestamp() - $now->getTimestamp();
    }

    /** Null while it runs and for the first minute after. */
    public function lateness(\DateTimeImmutable $now): ?Lateness
    {
        $over = -$this->secondsLeft($now);
        if ($this->open || $over < self::GRACE_SECONDS) {
            return null;
        }
        $harms = null !== $this->most && $now->getTimestamp() - $this->startedAt->getTimestamp() > $this->most->seconds();

        return new Lateness(Minutes::of($over / 60), $this->most, $harms, $this->late);
    }
}
