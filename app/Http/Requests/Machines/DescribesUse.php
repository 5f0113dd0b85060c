<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Machine\MachineTrait;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\NumberRange;
use Illuminate\Validation\Rule;

/** Reads how a machine is used and how often its jobs are begun with; what can be asked comes from the handbook. */
trait DescribesUse
{
    /** @return array<string, list<mixed>> */
    private function useRules(MachineKind $kind): array
    {
        $rules = [];
        foreach ($kind->habits() as $habit) {
            $rules["habits.$habit->id"] = ['nullable', ...$this->answerRules($habit->options, $habit->number)];
        }
        foreach ($kind->tasks() as $task) {
            $rules["schools.$task->id"] = ['nullable', 'string', Rule::in(array_keys($task->schools))];
        }

        return $rules;
    }

    /**
     * What an answer may be: one of these, or a number where there is a range for it.
     *
     * @param list<Option> $options
     * @param string|null $unit that the number is kept in
     *
     * @return list<mixed>
     */
    private function answerRules(array $options, ?NumberRange $number, ?string $unit = null): array
    {
        $range = null === $number ? null : HouseMeasures::field($unit)->range($number);

        return null === $range
            ? ['string', Rule::in(array_map(static fn (Option $option): string => $option->id, $options))]
            : ['numeric', "between:$range->least,$range->most"];
    }

    /** What was said of a trait, in the unit it is kept in. */
    private function traitInput(MachineTrait $trait, string $typed): string
    {
        $in = HouseMeasures::field($trait->unit);

        return null === $trait->number || $in->isKept() ? $typed : (string) $in->kept((float) $typed);
    }

    /** @return array<string, string> */
    private function useNames(MachineKind $kind): array
    {
        $names = [];
        foreach ($kind->habits() as $habit) {
            $names["habits.$habit->id"] = rtrim(mb_strtolower($habit->ask), '?');
        }

        return $names;
    }

    /** @return array<string, string|float> a number nobody gave stands at its default; other habits that nobody knows are left out */
    private function habitInput(MachineKind $kind): array
    {
        $habits = [];
        foreach ($kind->habits() as $habit) {
            if ($this->filled("habits.$habit->id")) {
                $habits[$habit->id] = null === $habit->number
                    ? $this->string("habits.$habit->id")->toString()
                    : $this->float("habits.$habit->id");
            } elseif (null !== $habit->number) {
                $habits[$habit->id] = $habit->default;
            }
        }

        return $habits;
    }

    /** @return array<string, string> those that somebody picked, by care task */
    private function schoolInput(MachineKind $kind): array
    {
        $picked = [];
        foreach ($kind->tasks() as $task) {
            if ($this->filled("schools.$task->id")) {
                $picked[$task->id] = $task->school($this->string("schools.$task->id")->toString())->id;
            }
        }

        return $picked;
    }
}
