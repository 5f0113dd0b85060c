<?php

declare(strict_types=1);

namespace App\View\Entries;

use App\Care\Cupboard\SupplyNames;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Handbook\UnknownEntry;

/** Names of what entries speak of, as their machine has them; what the handbook knows no more goes by its id. */
final class EntryNames
{
    /** @var array<string, string> */
    private array $parts = [];

    public function __construct(public readonly Handbook $handbook, private readonly SupplyNames $supplies)
    {
    }

    /** Id of the scale that a task's part is judged on. */
    public function scale(?Machine $machine, string $task): string
    {
        return null === $machine ? Scales::MESH : $machine->kindIn($this->handbook)->procedures->scaleOf($task, $machine->traits);
    }

    public function part(?Machine $machine, ?string $part): string
    {
        if (null === $machine || null === $part) {
            return $this->text('something');
        }
        try {
            return $this->parts["$machine->id $part"] ??= $machine->kindIn($this->handbook)->part($part)->name($machine->traits);
        } catch (UnknownEntry) {
            return $machine->ownParts()->parts[$part]->name ?? $part;
        }
    }

    public function task(?Machine $machine, string $task): string
    {
        try {
            return null === $machine ? $task : $machine->kindIn($this->handbook)->task($task)->name;
        } catch (UnknownEntry) {
            return $task;
        }
    }

    /** As the machine calls it, or by its own name. */
    public function vessel(string $id, ?Machine $machine): string
    {
        $rules = $this->handbook->chemistry();
        $id = $rules->vesselId($id);
        $own = null === $machine ? null : $machine->kindIn($this->handbook)->vessels[$id] ?? null;

        return $own->name ?? $rules->vessels[$id]->name ?? str_replace('-', ' ', $id);
    }

    public function agent(string $id): string
    {
        return $this->handbook->chemistry()->agent($id)->name;
    }

    /** An agent, a part or tool by its name, or what the household calls it. */
    public function supply(string $id, ?Machine $machine): string
    {
        return $this->supplies->of($id, $machine);
    }

    public function symptom(?Machine $machine, string $symptom): string
    {
        return null === $machine ? $symptom : $this->handbook->trouble($machine->kind)->symptoms[$symptom]->name ?? $symptom;
    }

    /** @param array<string, string> $values */
    public function text(string $key, array $values = []): string
    {
        $text = __("logbook.$key", $values);

        return is_string($text) ? $text : $key;
    }

    public function action(?Machine $machine, string $action): string
    {
        return (null === $machine ? null : $this->handbook->trouble($machine->kind)?->actions[$action] ?? null)->name ?? $action;
    }
}
