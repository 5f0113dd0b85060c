<?php

declare(strict_types=1);

namespace App\View\Pages\Parts;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use App\View\Words\Dates;
use GoodRinse\Core\Logbook\PartNeedRecord;
use GoodRinse\Core\Logbook\Payload\PartNeed;
use GoodRinse\Core\Quantity\Day;

/** What PartsPage::for() hands to its view. */
final readonly class PartsData extends PageData
{
    /**
     * @param array<string, string> $names by part
     * @param array<string, PartNeedRecord> $needs by part
     * @param list<array{Day, string}> $fitted the latest first
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public array $names,
        public array $needs,
        public string $picked,
        public array $fitted,
        public Day $today,
    ) {
    }

    /** "To be ordered, worn since 3 November, number 1234". */
    public function state(PartNeedRecord $need): string
    {
        $day = fn (\DateTimeImmutable $at): string => Dates::day(Day::at($at, $this->household->zone()), $this->today);

        return (string) __("machines.need_state.$need->stage", ['since' => $day($need->since), 'on' => $day($need->changed)])
            .(null === $need->number ? '' : (string) __('machines.need_number', ['number' => $need->number]));
    }

    /** @return array<string, string> stages that may come next, with what is said of each */
    public function next(PartNeedRecord $need): array
    {
        $next = array_slice(PartNeed::STAGES, 1 + (int) array_search($need->stage, PartNeed::STAGES, true));

        return array_combine($next, array_map(static fn (string $stage): string => (string) __("machines.need_do.$stage"), $next));
    }
}
