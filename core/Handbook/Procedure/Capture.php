<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\UnknownEntry;

/** A question a step asks, with its closed set of answers. */
final readonly class Capture
{
    /** The answer of somebody who did not look. */
    public const UNSEEN = 'unseen';

    /**
     * @param list<Option> $options all answers; of a confirmation the passing one first; empty for a tally
     * @param string|null $means for a grade: found (as it came out) or left (as it goes back)
     * @param string|null $of for a grade: the care task it is an opening of
     * @param list<CountRow> $count for a grade: what can be counted instead of judging by eye
     * @param string|null $measurement for a tally, and for a confirmation that is asked until it passes: what is counted
     * @param int $from for a tally how many it usually takes; for a confirmation how many came before the first asking
     * @param string|null $scale for a grade: what the part is compared with
     * @param self|null $also for a grade: what else is asked with it
     * @param string|null $check for a confirmation: the check it answers
     * @param string|null $remedy for a confirmation: what to do when it fails
     */
    public function __construct(
        public string $id,
        public CaptureKind $kind,
        public string $ask,
        public array $options,
        public ?string $means = null,
        public ?string $check = null,
        public ?string $remedy = null,
        public ?string $of = null,
        public array $count = [],
        public ?string $measurement = null,
        public ?string $scale = null,
        public ?self $also = null,
        public int $from = 0,
    ) {
    }

    public function accepts(string $answer): bool
    {
        return CaptureKind::Tally === $this->kind
            ? 1 === preg_match('/^[1-9]\d?$/', $answer)
            : null !== Option::among($this->options, $answer);
    }

    /** Whether the answer is the one that lets the work go on; only a confirmation can fail. */
    public function passes(string $answer): bool
    {
        return CaptureKind::Confirm !== $this->kind || ($this->options[0]->id ?? '') === $answer;
    }

    /** @throws UnknownEntry */
    public function option(string $answer): Option
    {
        return Option::among($this->options, $answer) ?? throw UnknownEntry::named("answer to $this->id", $answer);
    }
}
