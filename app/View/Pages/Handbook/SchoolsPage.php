<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Household;
use GoodRinse\Core\Handbook\Care\Question;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Procedure;

/** Questions on which opinions differ, and the rhythms that are recommended. */
final readonly class SchoolsPage
{
    public function __construct(private Handbook $handbook, private HouseholdKinds $kinds)
    {
    }

    public function for(Household $household, bool $all): SchoolsData
    {
        $mine = $this->kinds->of($household);

        return new SchoolsData(
            all: $all,
            questions: array_values(
                array_filter(
                    $this->handbook->questions(),
                    static fn (Question $question): bool => $all
                        || [] === $mine
                        || [] === $question->kinds
                        || [] !== array_intersect($question->kinds, $mine),
                ),
            ),
            kinds: $this->handbook->kindNames(),
            procedureNames: $this->procedureNames(),
            rhythms: $this->rhythms($household, $all),
        );
    }

    /** @return array<string, array{string, string}> kind and name by procedure */
    private function procedureNames(): array
    {
        $names = [];
        foreach (array_keys($this->handbook->kindNames()) as $kind) {
            foreach ($this->handbook->kind($kind)->procedureNames as $id => $name) {
                $names[$id] ??= [$kind, $name];
            }
        }

        return $names;
    }

    /**
     * The rhythms that are recommended for every care task.
     *
     * @return list<array{kind: string, task: string, schools: list<array{name: string, note: string, ours: bool}>}>
     */
    private function rhythms(Household $household, bool $all): array
    {
        $rhythms = [];
        $mine = $this->kinds->of($household);
        foreach ($this->handbook->kindNames() as $id => $name) {
            if (!$all && [] !== $mine && !in_array($id, $mine, true)) {
                continue;
            }
            foreach ($this->handbook->kind($id)->tasks() as $task) {
                $ours = $task->proposed([]);
                $schools = [];
                foreach ($task->schools as $school) {
                    $schools[] = ['name' => $school->name, 'note' => $school->note, 'ours' => $school === $ours];
                }
                $rhythms[] = ['kind' => $name, 'task' => $task->name, 'schools' => $schools];
            }
        }

        return $rhythms;
    }
}
