<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Handbook\Care\DoseModel;
use GoodRinse\Core\Handbook\Care\MeasureModel;
use GoodRinse\Core\Handbook\Care\PromptRules;
use GoodRinse\Core\Handbook\Care\Question;
use GoodRinse\Core\Handbook\Care\RhythmModel;
use GoodRinse\Core\Handbook\Chemistry\Agent;
use GoodRinse\Core\Handbook\Chemistry\Caution;
use GoodRinse\Core\Handbook\Chemistry\ChemistryReader;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Chemistry\CupboardRules;
use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\FaultReader;
use GoodRinse\Core\Handbook\Fault\FaultRules;
use GoodRinse\Core\Handbook\Own\OwnTaskData;
use GoodRinse\Core\Handbook\Own\OwnTasks;
use GoodRinse\Core\Handbook\Procedure\CheckWords;
use GoodRinse\Core\Handbook\Procedure\Excerpt;
use GoodRinse\Core\Handbook\Procedure\ProcedureBinding;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Scale\MeasurementRule;
use GoodRinse\Core\Handbook\Scale\Scales;

/** What is known about the work, as checked data: the front door of this folder. */
final class Handbook
{
    /**
     * What conditions may ask for beside a machine's traits, and what each stands at: whether much scale is
     * computed with, and whether one dose of acid is enough for it.
     */
    public const FACTS = ['scale' => 'light', 'passes' => 'one'];
    public const FACT_VALUES = ['scale' => ['light', 'heavy'], 'passes' => ['one', 'more']];

    private ?MachineKinds $machineKinds = null;
    private ?Scales $scales = null;
    private ?ChemistryRules $chemistry = null;
    private ?CupboardRules $cupboard = null;

    private ?Node $root = null;
    /** @var array<string, FaultCatalog|null> those that have been asked for */
    private array $troubles = [];

    /**
     * @param array<string, mixed>|\Closure(): array<string, mixed> $compiled made of the folder, or an excerpt that was kept
     */
    public function __construct(private array|\Closure $compiled)
    {
    }

    private function root(): Node
    {
        return $this->root ??= Node::of(Excerpt::current($this->compiled instanceof \Closure ? ($this->compiled)() : $this->compiled));
    }

    /** Changes with every change of the handbook's data. */
    public function version(): string
    {
        return $this->root()->string('version');
    }

    /** @return array<string, string> what the numbers of a model rest on, by the file they stand in */
    public function bases(): array
    {
        $files = ['rhythm', 'dose', 'measures', 'faults', 'own-tasks', 'cupboard'];

        return array_combine($files, array_map(fn (string $file): string => $this->root()->at($file)->string('basis'), $files));
    }

    public function rhythmModel(): RhythmModel
    {
        return RhythmModel::read($this->root()->at('rhythm')->at('model'));
    }

    public function asking(): PromptRules
    {
        return PromptRules::read($this->root()->at('asking'));
    }

    public function faultRules(): FaultRules
    {
        return FaultRules::read($this->root()->at('faults'));
    }

    /** What parts are compared with. */
    public function scales(): Scales
    {
        return $this->scales ??= Scales::read($this->root());
    }

    /** @throws UnknownEntry */
    public function agent(string $id): Agent
    {
        return ChemistryReader::agent($this->root()->at('agents')->byId()[$id] ?? throw UnknownEntry::named('agent', $id));
    }

    /** The keep-apart rules. */
    public function chemistry(): ChemistryRules
    {
        return $this->chemistry ??= (new ChemistryReader())->read(
            $this->root()->at('agents'),
            $this->root()->at('chemistry'),
            $this->root()->at('supplies'),
        );
    }

    /** The constants of dose and scale. */
    public function doseModel(): DoseModel
    {
        return DoseModel::read($this->root()->at('dose'));
    }

    /** When to buy, which tools are kept, and what a run of a machine takes. */
    public function cupboard(): CupboardRules
    {
        return $this->cupboard ??= CupboardRules::read($this->root()->at('cupboard'), $this->root()->at('kit'));
    }

    /** The constants of what is measured: spray, cup, time, lime, grease. */
    public function measureModel(): MeasureModel
    {
        return MeasureModel::read($this->root()->at('measures'));
    }

    /** @throws UnknownEntry */
    public function caution(string $id): Caution
    {
        $caution = $this->root()->at('cautions')->byId()[$id] ?? throw UnknownEntry::named('caution', $id);

        return new Caution($id, $caution->string('title'), $caution->string('text'));
    }

    /**
     * Cautions that name what a machine of these traits does not have.
     *
     * @param array<string, string> $traits that somebody told
     *
     * @return list<string> ids
     *
     * @throws UnknownEntry
     */
    public function cautionsNotFor(string $kind, array $traits): array
    {
        $defaults = KindReader::defaults($this->machineKinds()->node($kind)->at('kind'), self::FACTS);
        $isNot = static fn (Node $caution): bool => !$caution->condition('when', $defaults)->holds($traits);

        return array_map(strval(...), array_keys(array_filter($this->root()->at('cautions')->byId(), $isNot)));
    }

    /**
     * The name of a thing put within reach before a round.
     *
     * @throws UnknownEntry
     */
    public function kitName(string $id): string
    {
        return ($this->root()->at('kit')->byId()[$id] ?? throw UnknownEntry::named('kit', $id))->string('name');
    }

    /**
     * What is counted, measured or noticed under this name.
     *
     * @throws UnknownEntry
     */
    public function measurement(string $id): MeasurementRule
    {
        return MeasurementRule::read($this->root()->at('measurements')->byId()[$id] ?? throw UnknownEntry::named('measurement', $id));
    }

    /** How a test is spoken of; null for one that the handbook has dropped since. */
    public function check(string $id): ?CheckWords
    {
        $check = $this->root()->at('checks')->byId()[$id] ?? null;

        return null === $check ? null : CheckWords::read($check);
    }

    /** @return array<array-key, mixed> the step for a part that a household adds, with {name} and {note} to fill in */
    public function ownStep(): array
    {
        return $this->root()->at('own')->raw();
    }

    /** @return array<string, string> names of the machine kinds, by id */
    public function kindNames(): array
    {
        return $this->machineKinds()->names();
    }

    /**
     * @param OwnTasks $own what a household has added to it for one machine
     *
     * @throws UnknownEntry
     */
    public function kind(string $id, OwnTasks $own = new OwnTasks()): MachineKind
    {
        return $this->machineKinds()->kind($id, $own);
    }

    /** @return list<Question> on which opinions differ */
    public function questions(): array
    {
        return array_map(Question::read(...), $this->root()->at('schools')->items());
    }

    /**
     * Symptoms, checks, causes and fixes of a kind; null where it has none.
     *
     * @throws UnknownEntry
     */
    public function trouble(string $kind): ?FaultCatalog
    {
        if (array_key_exists($kind, $this->troubles)) {
            return $this->troubles[$kind];
        }
        $node = $this->machineKinds()->node($kind);

        return $this->troubles[$kind] = $node->at('trace')->has('causes')
            ? (new FaultReader($this->faultRules(), KindReader::defaults($node->at('kind'), self::FACTS)))->read($node->at('trace'))
            : null;
    }

    /**
     * The part of the handbook that a round needs, as one machine has it: its steps in their order, in the machine's
     * words and amounts. It is a small handbook of its own that can be kept and read back.
     *
     * @param OwnTasks $own what a household has added to the kind for this machine
     *
     * @return array<string, mixed>
     *
     * @throws UnknownEntry
     */
    public function excerpt(string $kind, ProcedureSet $set, ProcedureBinding $binding, OwnTasks $own = new OwnTasks()): array
    {
        $node = $this->machineKinds()->node($kind, $own);
        $excerpt = (new Excerpt($this->root()))->of($node, $this->kind($kind, $own)->procedures, $set, $binding);

        return ['kit' => [...$excerpt['kit'], ...OwnTaskData::kit($own)]] + $excerpt;
    }

    private function machineKinds(): MachineKinds
    {
        return $this->machineKinds ??= new MachineKinds($this->root(), $this->scales(), self::FACTS);
    }
}
