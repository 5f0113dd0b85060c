<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Condition;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use Illuminate\Support\Arr;

/** One kind of machine in the printed handbook: everything, whatever a single machine has of it. */
final readonly class PrintedKind
{
    /**
     * @param list<Procedure> $procedures
     * @param array<string, string> $words what stands for {trait} in a sentence
     */
    private function __construct(public MachineKind $kind, public array $procedures, public ?FaultCatalog $faults, public array $words)
    {
    }

    public static function of(MachineKind $kind, ?FaultCatalog $faults): self
    {
        $procedures = array_map($kind->procedures->procedure(...), array_keys($kind->procedureNames));

        return new self($kind, $procedures, $faults, $kind->words([]));
    }

    /** When something applies, in the words of the questions that decide it; empty when it always does. */
    public function only(Condition $when, ?Procedure $procedure = null): string
    {
        $parts = [];
        foreach ($when->sets as $name => $allowed) {
            [$ask, $options] = $this->question($name, $procedure);
            $answers = array_map(static fn (string $id): string => Option::among($options, $id)->name ?? $id, $allowed);
            $parts[] = "$ask ".Arr::join($answers, ', ', ' or ');
        }

        return implode('; ', $parts);
    }

    /** What an action helps against, and how often. */
    public function helps(FaultAction $action): string
    {
        $against = [];
        foreach ($action->fixes as $cause => $chance) {
            $against[] = sprintf('%s %d %%', mb_strtolower($this->faults->causes[$cause]->name ?? $cause), round(100 * $chance));
        }

        return implode(', ', $against);
    }

    /** @return array{string, list<Option>} what is asked, and its answers */
    private function question(string $name, ?Procedure $procedure): array
    {
        $trait = $this->kind->traits()[$name] ?? null;
        if (null !== $trait) {
            return [$trait->ask, $trait->options];
        }
        $ask = $name;
        $options = [];
        foreach ([...(null === $procedure ? [] : [$procedure]), ...$this->procedures] as $each) {
            foreach ($each->steps as $step) {
                foreach (array_filter([$step->capture, $step->capture?->also]) as $capture) {
                    if ($capture->id === $name) {
                        $ask = [] === $options ? $capture->ask : $ask;
                        array_push($options, ...$capture->options);
                    }
                }
            }
        }

        return [$ask, $options];
    }
}
