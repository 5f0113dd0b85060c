<?php

declare(strict_types=1);

namespace App\View\Exchange;

use App\Exchange\HouseholdFile;
use App\Exchange\ImportPlan;
use App\View\PageData;

/** What ImportPage hands to its view. */
final readonly class ImportData extends PageData
{
    /**
     * @param ImportPlan|null $merged what merging it into the open household would do; null where that is what the plan does,
     *     or none is open
     * @param string|null $target name of the household that the plan goes into; null for a new one
     * @param string|null $home name of the household that is open
     * @param string|null $me who took it along
     */
    public function __construct(
        public string $id,
        public HouseholdFile $file,
        public ImportPlan $plan,
        public ?ImportPlan $merged,
        public ?string $target,
        public ?string $home,
        public ?string $me,
    ) {
    }
}
