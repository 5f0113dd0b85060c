<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\ClosingOffer;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\Models\Trace;
use App\View\PageData;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Collection;

/** What RoundSummaryPage::for() hands to its view. */
final readonly class RoundSummaryData extends PageData
{
    /**
     * @param list<OpenedTask>                       $opened
     * @param array{task: string, when: string}|null $next
     * @param list<array{string, string}>            $lights
     * @param list<ClosingOffer>                     $offers
     * @param array<int, array{Entry, string}>       $lines
     * @param Collection<int, Photo>                 $photos
     */
    public function __construct(
        public Household $household,
        public Round $round,
        public Machine $machine,
        public Handbook $handbook,
        public Procedure $procedure,
        public array $opened,
        public ?array $next,
        public array $lights,
        public array $offers,
        public bool $failed,
        public array $lines,
        public Collection $photos,
        public Day $today,
        public ?Trace $trace,
    ) {
    }
}
