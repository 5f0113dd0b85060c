<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Handbook\Fault\FaultRules;

/** Small models of faults. */
trait SmallFaultModel
{
    private static function rules(): FaultRules
    {
        return new FaultRules(6.0, 0.3, 0.02, 0.5, 0.2, 0.2, 0.5, 0.15, 0.1, 3.0, 0.8, 3.0, 13);
    }
}
