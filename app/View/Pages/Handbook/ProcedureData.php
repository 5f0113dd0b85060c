<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Household;
use App\Models\Machine;
use App\View\PageData;
use App\View\Words\Uses;
use GoodRinse\Core\Chemistry\Assessment;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Care\Question;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Kit\KitList;
use Illuminate\Database\Eloquent\Collection;

/** What ProcedurePage::for() hands to its view. */
final readonly class ProcedureData extends PageData
{
    /**
     * @param array<string, string> $leftOut
     * @param array<string, string> $words
     * @param Collection<int, Machine> $machines
     * @param list<Question> $questions
     * @param array<string, string> $runs
     */
    public function __construct(
        public Household $household,
        public MachineKind $kind,
        public Handbook $handbook,
        public Procedure $procedure,
        public bool $fits,
        public ?Assessment $refused,
        public array $leftOut,
        public array $words,
        public ?Machine $machine,
        public Collection $machines,
        public Estimate $estimate,
        public KitList $kit,
        public array $questions,
        public ?CareTask $task,
        public array $runs,
    ) {
    }

    /** Whole minutes. */
    public function hands(): int
    {
        return (int) ceil($this->estimate->hands->value);
    }

    /** ", 1 hour 20 minutes from start to end"; empty where that is no longer than the hands take. */
    public function fromStart(): string
    {
        $all = (int) round($this->estimate->all->value);

        return $all > $this->hands() ? (string) __('rounds.from_start', ['time' => Uses::minutes($all)]) : '';
    }
}
