<?php

declare(strict_types=1);

namespace App\Care\Readers;

use GoodRinse\Core\Quantity\Day;

/** Which lines of the logbook are wanted. */
final readonly class LogbookCriteria
{
    /**
     * @param string $machine id; empty for all
     * @param string $show care, uses, all or pictures; empty for care
     * @param string $entry id of a line to begin with; empty for the newest
     * @param string $before place in the logbook that the lines come before; empty for the newest
     * @param Day|null $from first day
     * @param Day|null $to last day
     * @param int|null $by id of the person who recorded them
     * @param string $find word to look for
     */
    public function __construct(
        public string $machine = '',
        public string $show = '',
        public string $entry = '',
        public string $before = '',
        public ?Day $from = null,
        public ?Day $to = null,
        public ?int $by = null,
        public string $find = '',
    ) {
    }

    /** @return array<string, string> what narrows them, as a link carries it */
    public function filters(): array
    {
        $filters = ['from' => (string) $this->from, 'to' => (string) $this->to, 'by' => (string) $this->by, 'find' => $this->find];

        return array_filter($filters, static fn (string $value): bool => '' !== $value);
    }
}
