<?php

declare(strict_types=1);

namespace App\View\Pages\Parts;

use App\Models\Document;
use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use App\View\Words\Dates;
use GoodRinse\Core\Logbook\PartNeedRecord;
use GoodRinse\Core\Logbook\Payload\PartNeed;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Number;

/** What PartsPage::for() hands to its view. */
final readonly class PartsData extends PageData
{
    /**
     * @param array<string, string> $names by part
     * @param array<string, PartNeedRecord> $needs by part
     * @param list<array{Day, string}> $fitted the latest first
     * @param list<Document> $documents
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public array $names,
        public array $needs,
        public string $picked,
        public array $fitted,
        public array $documents,
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

    /** "receipt, 340 KB, kept on 3 November". */
    public function about(Document $document): string
    {
        return (string) __('machines.document_about', [
            'kind' => __("machines.document.$document->kind"),
            'size' => Number::fileSize($document->bytes),
            'day' => Dates::day(Day::at($document->added_at, $this->household->zone()), $this->today),
        ]);
    }

    /** @return array<string, string> stages that may come next, with what is said of each */
    public function next(PartNeedRecord $need): array
    {
        $next = array_slice(PartNeed::STAGES, 1 + (int) array_search($need->stage, PartNeed::STAGES, true));

        return array_combine($next, array_map(static fn (string $stage): string => (string) __("machines.need_do.$stage"), $next));
    }
}
