<?php

declare(strict_types=1);

namespace App\View\Components\Round;

use App\View\Pages\Rounds\StepView;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\Procedure\Capture;
use GoodRinse\Core\Handbook\Scale\Grade;
use Illuminate\View\Component;

/** How foul a part is, by the pictures of its scale. */
final class Grades extends Component
{
    /** @var list<Grade> */
    public readonly array $grades;

    /** The answer of somebody who has not looked, where that is one. */
    public readonly ?Option $unseen;

    public readonly string $picked;

    public function __construct(public readonly Capture $capture, public readonly StepView $stepView, Handbook $handbook)
    {
        $this->grades = $handbook->scales()->scale((string) $capture->scale)->grades;
        $this->unseen = Option::among($capture->options, Capture::UNSEEN);
        $typed = old('answer', $stepView->answered?->answer);
        $this->picked = is_string($typed) ? $typed : '';
    }

    public function render(): string
    {
        return 'components.round.grades';
    }
}
