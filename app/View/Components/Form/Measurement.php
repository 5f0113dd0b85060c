<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Scale\MeasurementRule;
use GoodRinse\Core\Logbook\Payload\Measurement as GivenMeasurement;
use GoodRinse\Core\Quantity\FieldUnit;
use Illuminate\View\Component;

/** Something to count, measure or notice beside the step's question; none of it has to be filled in. */
final class Measurement extends Component
{
    /** What a number is written in. */
    public readonly FieldUnit $in;

    /** @param float|null $total how many there were in all the last time */
    public function __construct(
        public readonly MeasurementRule $rule,
        public readonly ?GivenMeasurement $given = null,
        public readonly ?float $total = null,
    ) {
        $this->in = HouseMeasures::field($rule->unit);
    }

    public function render(): string
    {
        return 'components.form.measurement';
    }
}
