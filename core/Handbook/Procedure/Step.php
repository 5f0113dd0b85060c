<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Handbook\Chemistry\ClearingRule;
use GoodRinse\Core\Quantity\Minutes;

/** One thing a person does, with all that belongs to it. */
final readonly class Step
{
    /**
     * @param string|null $picture name of the drawing that shows it
     * @param Minutes $hands of a person's hands; waiting is the timer's
     * @param list<string> $needs what it takes beside hands: sink, machine
     * @param list<string> $tools ids of the kit
     * @param list<string> $cautions ids
     * @param list<Amount> $amounts
     * @param string|null $waitsFor step whose timer must have run out
     * @param list<string> $observe readings it asks for beside its question
     * @param bool $gate whether nothing goes on before its confirmation passed; nobody can overrule it
     * @param string|null $fits part that is new with it
     * @param bool $mustPass whether a round may not end before its confirmation passed, or was overruled
     * @param string|null $marks care task that is done with this step, where nothing is graded
     * @param string|null $after what must be true once it is done
     * @param string|null $inPlaceOf step that this one stands in for where that one may not be done
     * @param Condition $when traits the machine must have
     * @param Condition $if answers that must have been given
     * @param list<string> $asks traits of the machine that are asked for before it is done, as long as nobody has said
     *     them
     * @param list<string> $tests parts that it tests once they are back
     * @param string|null $putsOut indicator light that is out once its confirmation passed
     * @param ClearingReason|null $because why it was put in
     * @param bool $isLast whether it comes after everything else
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $instruction,
        public string $short,
        public ?string $picture,
        public ?string $part,
        public ?string $takesOff,
        public ?string $putsBack,
        public Minutes $hands,
        public bool $kit,
        public array $needs,
        public array $tools,
        public array $cautions,
        public array $amounts,
        public ?TimerRule $timer,
        public ?string $waitsFor,
        public ?Capture $capture,
        public bool $mustPass,
        public ?string $marks,
        public ?ClearingRule $clears,
        public ?string $after,
        public ?string $inPlaceOf,
        public Condition $when,
        public Condition $if,
        public array $observe = [],
        public bool $gate = false,
        public ?string $fits = null,
        public array $asks = [],
        public array $tests = [],
        public ?string $putsOut = null,
        public ?ClearingReason $because = null,
        public bool $isLast = false,
    ) {
    }

    /** Whether the machine runs in it. */
    public function runsTheMachine(): bool
    {
        return in_array('machine', $this->needs, true);
    }
}
