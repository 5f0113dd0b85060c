<?php

declare(strict_types=1);

namespace App\Http\Requests;

use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\Habit;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Option;
use Illuminate\Validation\Rule;

/** Reads how a machine is used and how often its jobs are begun with; what can be asked comes from the handbook. */
trait DescribesUse
{
    /** @return array<string, list<mixed>> */
    private function useRules(MachineKind $kind): array
    {
        $rules = [];
        foreach ($kind->habits() as $habit) {
            $rules["habits.$habit->id"] = null === $habit->number
                ? ['nullable', 'string', Rule::in(array_map(static fn (Option $option): string => $option->id, $habit->options))]
                : ['required', 'numeric', "between:{$habit->number->least},{$habit->number->most}"];
        }
        foreach ($kind->tasks() as $task) {
            $rules["schools.$task->id"] = ['nullable', 'string', Rule::in(array_keys($task->schools))];
        }

        return $rules;
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

    /** @return array<string, string|float> */
    private function saidHabits(MachineKind $kind): array
    {
        return array_map(fn (Habit $habit): string|float => null === $habit->number
            ? ($this->filled("habits.$habit->id") ? $this->string("habits.$habit->id")->toString() : $habit->default)
            : $this->float("habits.$habit->id"), $kind->habits());
    }

    /** @return array<string, string> by care task */
    private function saidSchools(MachineKind $kind): array
    {
        return array_map(fn (CareTask $task): string => $task->school($this->filled("schools.$task->id") ? $this->string("schools.$task->id")->toString() : null)->id, $kind->tasks());
    }
}
