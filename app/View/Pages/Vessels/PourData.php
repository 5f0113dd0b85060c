<?php

declare(strict_types=1);

namespace App\View\Pages\Vessels;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use GoodRinse\Core\Chemistry\Assessment;
use GoodRinse\Core\Handbook\Chemistry\Agent;
use GoodRinse\Core\Handbook\Chemistry\Vessel;
use GoodRinse\Core\Quantity\Day;

/** What PourPage::for() hands to its view. */
final readonly class PourData extends PageData
{
    /**
     * @param array<string, string> $vessels
     * @param array<string, Agent> $agents
     * @param array<string, Assessment> $verdicts
     * @param list<array{string, \DateTimeImmutable|null}> $there
     * @param array<string, string> $ages what age has done to what is in the cupboard, by agent
     */
    public function __construct(
        public Household $household,
        public Machine $machine,
        public Vessel $vessel,
        public string $vesselName,
        public array $vessels,
        public array $agents,
        public array $verdicts,
        public ?string $picked,
        public array $there,
        public Day $today,
        public array $ages,
    ) {
    }

    /** What is said of pouring it, in a word or two. */
    public function verdict(Agent $agent): string
    {
        return (string) __('places/vessels.verdict.'.$this->verdicts[$agent->id]->verdict->value);
    }
}
