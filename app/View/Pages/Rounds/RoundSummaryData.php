<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\ClosingOffer;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Round;
use App\View\PageData;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Collection;

/** What RoundSummaryPage::for() hands to its view. */
final readonly class RoundSummaryData extends PageData
{
    /**
     * @param list<OpenedTask> $opened
     * @param list<array{string, string}> $lights
     * @param list<ClosingOffer> $offers
     * @param list<array{string, string}> $lines words and hour of what was written
     * @param string $about what was done, on what and when
     * @param string|null $openEnds what it left open; null when nothing
     * @param bool $settled whether that has been put right since
     * @param Collection<int, Photo> $photos
     */
    public function __construct(
        public Household $household,
        public Round $round,
        public Machine $machine,
        public Handbook $handbook,
        public string $title,
        public string $about,
        public string $headline,
        public ?string $openEnds,
        public bool $settled,
        public array $opened,
        public array $lights,
        public array $offers,
        public bool $failed,
        public array $lines,
        public Collection $photos,
        public Day $today,
        public ?string $backTo,
    ) {
    }
}
