<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Models\Machine;
use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenters;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Support\Str;

/** Entries of the logbook in words, and words as a person looks for them. */
final readonly class EntryWords
{
    public function __construct(private Handbook $handbook, private EntryPresenters $presenters, private EntryNames $names)
    {
    }

    /** @param string|null $part id of the part it is about */
    public function describe(Payload $payload, ?Machine $machine, ?string $part, Measures $measures): string
    {
        return Str::ucfirst($this->presenters->of($payload)->describe($payload, new EntrySubject($machine, $part, $measures)));
    }

    /** Id of the scale that a task's part is judged on. */
    public function scale(?Machine $machine, string $task): string
    {
        return $this->names->scale($machine, $task);
    }

    /**
     * What in the handbook goes by a name with this in it: parts, jobs, agents, things that are noticed, readings.
     *
     * @param array<array-key, mixed> $kinds of machines
     *
     * @return list<string> ids
     */
    public function idsNamed(string $word, array $kinds): array
    {
        $names = array_map(static fn ($agent): string => $agent->name, $this->handbook->chemistry()->agents);
        foreach (array_filter($kinds, is_string(...)) as $id) {
            $kind = $this->handbook->kind($id);
            foreach ($kind->tasks() as $task) {
                $names[$task->id] = "$task->name {$kind->part($task->part)->name([])}";
            }
            foreach ($kind->parts() as $part) {
                $names[$part->id] = ($names[$part->id] ?? '').' '.$part->name([]);
            }
            foreach ($this->handbook->trouble($id)->symptoms ?? [] as $symptom) {
                $names[$symptom->id] = $symptom->name;
            }
        }

        return array_slice(
            array_map(strval(...), array_keys(array_filter($names, static fn (string $name): bool => false !== mb_stripos($name, $word)))),
            0,
            30,
        );
    }
}
