<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\UlidRequest;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Handbook\Scale\Scales;
use Illuminate\Validation\Rule;

final class OpeningRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $handbook = app(Handbook::class);
        $machine = $this->route('machine');
        $scale = $machine instanceof Machine
            ? $machine->kindIn($handbook)->procedures->scaleOf($this->string('task')->toString(), $machine->traits)
            : Scales::MESH;
        $grades = array_map(static fn (Grade $grade): string => $grade->id, $handbook->scales()->scale($scale)->grades);
        $tasks = $machine instanceof Machine ? array_keys($machine->kindIn($handbook)->tasks()) : [];

        return [
            ...parent::rules(),
            'task' => ['required', 'string', Rule::in($tasks)],
            'on' => ['required', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
            'found' => ['nullable', 'required_with:left', 'string', Rule::in($grades)],
            'measured' => ['nullable', 'numeric', 'between:0,100'],
            'left' => ['nullable', 'required_with:found', 'string', Rule::in($grades)],
        ];
    }

    /** % that was shut, where it was measured. */
    public function measured(): ?float
    {
        return $this->filled('measured') ? $this->float('measured') : null;
    }

    /** A grade that was given; null for a job with nothing to grade. */
    public function grade(string $key): ?string
    {
        return $this->filled($key) ? $this->string($key)->toString() : null;
    }
}
