<?php

declare(strict_types=1);

namespace App\View\Components\Round;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\View\Pages\Rounds\StepView;
use App\View\Words\Dates;
use GoodRinse\Core\Handbook\Chemistry\Caution;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Procedure\CaptureKind;
use GoodRinse\Core\Handbook\Procedure\Step as HandbookStep;
use GoodRinse\Core\Handbook\Scale\MeasurementRule;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;
use Illuminate\View\Component;

/** What a step asks and takes, as a form that posts by itself where there is no script. */
final class Step extends Component
{
    public readonly HandbookStep $step;
    public readonly ?Capture $capture;
    public readonly ?Tick $answered;
    public readonly ?TickDetails $details;

    public function __construct(
        public readonly StepView $stepView,
        public readonly Round $round,
        public readonly Machine $machine,
        public readonly Handbook $handbook,
        public readonly Household $household,
        public readonly \DateTimeImmutable $now,
    ) {
        $this->step = $stepView->step;
        $this->capture = $stepView->step->capture;
        $this->answered = $stepView->answered;
        $this->details = $stepView->answered?->details;
    }

    /** @return list<Caution> of the step, and of the part that it takes off */
    public function cautions(): array
    {
        $held = null === $this->step->takesOff ? [] : $this->stepView->sheet->holding->cautions ?? [];

        return array_map($this->handbook->caution(...), array_values(array_unique([...$this->step->cautions, ...$held])));
    }

    /** What was measured at it before. */
    public function given(MeasurementRule $rule): ?Measurement
    {
        return $this->details?->reading($rule->id);
    }

    /** "12 minutes late." and what that means. */
    public function late(): string
    {
        $late = $this->stepView->late;
        if (null === $late) {
            return '';
        }
        $most = (int) $late->most?->value;

        return match (true) {
            $late->harms => trim(__('rounds.late.harms', ['minutes' => $most]).' '.$late->means),
            null !== $late->means && null === $late->most => $late->means,
            default => (string) __('rounds.late.harmless'),
        };
    }

    /** Whether it is a test whose no can be left standing. */
    public function canBeOverruled(): bool
    {
        return CaptureKind::Confirm === $this->capture?->kind && !$this->step->gate;
    }

    /** When the picture of the last time was taken. */
    public function lastPhotoDay(): string
    {
        return null === $this->stepView->lastPhoto
            ? ''
            : Dates::short(
                Day::at($this->stepView->lastPhoto->taken_at, $this->household->zone()),
                Day::at($this->now, $this->household->zone()),
            );
    }

    public function render(): string
    {
        return 'components.round.step';
    }
}
