<?php

declare(strict_types=1);

namespace App\View\Pages\Logbook;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\View\PageData;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Collection;

/** What LogbookPage::for() hands to its view. */
final readonly class LogbookData extends PageData
{
    /**
     * @param Collection<array-key, Machine> $machines
     * @param list<array{day: Day, groups: list<list<LogbookLine>>}> $days
     * @param list<array{photo: Photo, day: Day, of: string, to: string|null}> $photos
     * @param array<mixed> $people
     * @param array<string, string> $asked
     */
    public function __construct(
        public Household $household,
        public Handbook $handbook,
        public Collection $machines,
        public ?Machine $machine,
        public string $show,
        public ?string $pointed,
        public Day $today,
        public array $days,
        public array $photos,
        public array $people,
        public array $asked,
        public ?string $more,
    ) {
    }

    public function head(): string
    {
        return (string) __('logbook.head.'.match (true) {
            null !== $this->pointed => 'pointed',
            'pictures' === $this->show => 'pictures',
            [] !== $this->days => 'days',
            [] !== $this->asked => 'none_found',
            default => 'none',
        });
    }

    /**
     * The same page with something else in its address; what is null is left out.
     *
     * @param array<string, string|null> $with
     */
    public function url(array $with): string
    {
        $now = ['machine' => $this->machine?->id, 'show' => 'care' === $this->show ? null : $this->show, ...$this->asked];

        return route('logbook', array_filter([...$now, ...$with], static fn (?string $value): bool => null !== $value));
    }
}
