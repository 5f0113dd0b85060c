<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use App\Models\Machine;
use App\Models\Round;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\FieldUnit;
use Illuminate\View\Component;

/** What a step depends on and nobody has said of the machine yet: one tap, outside the form of the step. */
final class TraitQuestion extends Component
{
    /** What a number is written in. */
    public readonly FieldUnit $in;

    public function __construct(
        public readonly MachineTrait $trait,
        public readonly Machine $machine,
        public readonly Round $round,
        public readonly Step $step,
    ) {
        $this->in = HouseMeasures::field($trait->unit);
    }

    public function render(): string
    {
        return 'components.form.trait-question';
    }
}
