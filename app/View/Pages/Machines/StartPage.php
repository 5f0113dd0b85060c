<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\Readers\CareReader;
use App\Care\StartPreview;
use App\Models\Household;
use App\Models\Machine;
use App\View\Words\StartWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What the rhythms of a machine start from, with what would move. */
final readonly class StartPage
{
    public function __construct(
        private StartPreview $whatIf,
        private Handbook $handbook,
        private ClockInterface $clock,
        private CareReader $care,
        private StartWords $words,
    ) {
    }

    /**
     * @param array<string, string|float>|null $habits to be tried; null when the page is only opened
     * @param array<string, string>|null $schools
     */
    public function for(Machine $machine, Household $household, ?array $habits, ?array $schools): StartData
    {
        $kind = $machine->kindIn($this->handbook);
        $care = $this->care->machine($machine, $household);
        $tried = clone $machine;
        $tried->habits = $habits ?? $machine->habits;
        $tried->schools = $schools ?? $machine->schools;
        $said = [];
        foreach ($care->tasks as $id => $task) {
            $said[$id] = $this->words->sentence($task->start(), $task->task(), $machine, $kind);
        }

        return new StartData(
            machine: $machine,
            tried: $tried,
            kind: $kind,
            said: $said,
            today: Day::at($this->clock->now(), $household->zone()),
            moved: null === $habits || null === $schools ? null : $this->whatIf->started($machine, $household, $habits, $schools),
        );
    }
}
