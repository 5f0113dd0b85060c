<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\Gates\PourVerdict;
use App\Models\Photo;
use App\View\Drawing\KitchenFigure;
use App\View\Pages\Measures\ArmView;
use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\Scale\MeasurementRule;
use GoodRinse\Core\Round\Kit\KitList;
use GoodRinse\Core\Round\Lateness;
use GoodRinse\Core\Round\Projection\WeightLoss;
use GoodRinse\Core\Round\RunningTimer;
use GoodRinse\Core\Round\Tick;

/** One step of a round as it is shown. */
final readonly class StepView
{
    /**
     * @param Capture|null $failed the question it was answered with a no to
     * @param list<PourVerdict> $verdicts of keep-apart on what it pours
     * @param PourVerdict|null $refused the one that stops it
     * @param string|null $gate what is off or untested, where it runs the machine
     * @param array<string, string> $previews what each grade would make of the rhythm
     * @param RunningTimer|null $wait what it waits for
     * @param SheetLine|null $sheet how the part it takes off or puts back is held
     * @param KitchenFigure|null $where the machine with the place of its part
     * @param list<MeasurementRule> $asked readings beside its question
     * @param list<MeasurementRule> $counted what can be counted instead of grading by eye
     * @param array<string, float> $totals how many there were in all the last time, by reading
     * @param list<string> $missing tools it needs that were not at hand
     * @param list<string> $unlisted names of tools that steps to come need and that the kit did not name
     * @param list<Photo> $photos taken at it
     * @param int $tally how far a count has come
     * @param int $failures how often it was answered so that it did not pass
     * @param MachineTrait|null $asks what it depends on and nobody has said of the machine
     * @param string|null $length of the wait it starts, as it was picked the last time, or as long as the handbook says
     * @param list<string> $because why it was put in, in sentences
     * @param list<array{string, \DateTimeImmutable}> $disagreed who said different things of it and when, the one that
     *     counts last
     * @param list<ArmView> $arms spray arms whose jets are judged
     * @param string $armsScript what their drawing's script is given
     * @param array<string, string> $ages what age has done to what it pours, by agent
     */
    public function __construct(
        public Step $step,
        public ?Tick $answered,
        public ?Capture $failed,
        public bool $isCurrent,
        public ?KitList $kit = null,
        public array $verdicts = [],
        public ?PourVerdict $refused = null,
        public ?string $gate = null,
        public array $previews = [],
        public ?RunningTimer $wait = null,
        public ?Lateness $late = null,
        public ?SheetLine $sheet = null,
        public ?KitchenFigure $where = null,
        public array $asked = [],
        public array $counted = [],
        public array $totals = [],
        public array $missing = [],
        public array $unlisted = [],
        public array $photos = [],
        public ?Photo $lastPhoto = null,
        public int $tally = 0,
        public int $failures = 0,
        public ?MachineTrait $asks = null,
        public ?string $length = null,
        public array $disagreed = [],
        public array $because = [],
        public array $arms = [],
        public string $armsScript = '',
        public array $ages = [],
    ) {
    }

    /** On the button that ends it: "Done", or what is said of a wait that is over. */
    public function doneWord(): string
    {
        return null === $this->wait || null !== $this->step->capture
            ? (string) __('rounds.done')
            : $this->wait->ends ?? (string) __('rounds.is_over');
    }

    /** Whether it asks for a weight that may turn out odd. */
    public function asksToBeSure(): bool
    {
        return in_array(WeightLoss::AFTER, $this->step->observe, true);
    }

    /** Whether leaving it out is offered: it can be, and is not done already. */
    public function offersSkip(): bool
    {
        return $this->canBeSkipped() && (null === $this->answered || 'done' !== $this->answered->how || null !== $this->failed);
    }

    /** On the button that leaves it out. */
    public function skipWord(): string
    {
        return (string) __('rounds.skip.'.match (true) {
            null !== $this->step->takesOff => 'off',
            null !== $this->step->putsBack => 'back',
            $this->step->mustPass => 'check',
            default => 'step',
        });
    }

    /** Whether it can be left out. */
    public function canBeSkipped(): bool
    {
        return !$this->step->gate && !$this->step->kit;
    }
}
