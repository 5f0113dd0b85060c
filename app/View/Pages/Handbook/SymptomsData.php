<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Trace;
use App\View\PageData;
use GoodRinse\Core\Handbook\Fault\FaultAction;

/** What SymptomsPage::for() hands to its view. */
final readonly class SymptomsData extends PageData
{
    /**
     * @param list<array{id: string, kind: string, machine: string|null, name: string, basis: string,
     *     symptoms: list<array{id: string, name: string, now: string|null, causes: list<array{name: string,
     *     action: FaultAction|null}>}>}> $groups
     * @param array<string, array<string, array{action: string, trace: Trace, times: int, days: int}>> $fixed
     * @param list<array{machine: string, noticed: string, cause: string|null, fix: string|null, days: int, trace: Trace}> $taught
     */
    public function __construct(
        public bool $all,
        public array $groups,
        public array $fixed,
        public array $taught,
    ) {
    }
}
