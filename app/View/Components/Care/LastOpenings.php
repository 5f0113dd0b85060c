<?php

declare(strict_types=1);

namespace App\View\Components\Care;

use App\Care\TaskCare;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Quantity\Day;
use Illuminate\View\Component;

/** What was found the last times, as the grades it was compared with. */
final class LastOpenings extends Component
{
    /** @var list<array{grade: Grade, day: Day}> the latest last */
    public readonly array $openings;

    /** @param int $size of each drawing, in pixels */
    public function __construct(
        TaskCare $care,
        Handbook $handbook,
        public readonly Day $today,
        int $count = 4,
        public readonly int $size = 56,
    ) {
        $found = [];
        foreach ($care->history()->openings as $opening) {
            if (null !== $opening->found) {
                $found[] = ['grade' => $handbook->scales()->scale($care->scale())->nearest($opening->found), 'day' => $opening->day];
            }
        }
        $this->openings = array_slice($found, -$count);
    }

    public function render(): string
    {
        return 'components.care.last-openings';
    }
}
