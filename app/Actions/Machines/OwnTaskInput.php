<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use GoodRinse\Core\Handbook\Own\OwnTask;
use GoodRinse\Core\Quantity\Day;

/** What a household says of a care task of its own. */
final readonly class OwnTaskInput
{
    /**
     * @param non-empty-list<string> $lines what is done, one line a step
     * @param int $minutes of a person's hands
     * @param int $every interval in days or uses
     * @param string $unit OwnTask::DAYS, or what the machine's use is counted in
     * @param string|null $scale on which it is judged; null when it is only done
     * @param list<string> $needs things to have within reach
     * @param Day|null $lastDone day on which it was last done; null when nobody knows
     */
    public function __construct(
        public string $title,
        public ?string $part,
        public array $lines,
        public int $minutes,
        public int $every,
        public string $unit,
        public ?string $scale,
        public array $needs,
        public ?Day $lastDone = null,
    ) {
    }

    public function task(string $id, Day $since, bool $ended = false): OwnTask
    {
        return new OwnTask(
            $id,
            $this->title,
            $this->part,
            $this->lines,
            $this->minutes,
            $this->every,
            $this->unit,
            $this->scale,
            $this->needs,
            $since,
            $ended,
        );
    }
}
