<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use App\Actions\Machines\OwnTaskInput;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Own\OwnTask;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A care task that a household writes itself. */
final class OwnTaskRequest extends FormRequest
{
    private const FIELDS = ['title', 'part', 'lines', 'minutes', 'every', 'unit', 'scale', 'needs', 'last_done'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => [null === $this->route('machine') ? 'required' : 'nullable', 'string', 'ulid'],
            'title' => ['required', 'string', 'max:60'],
            'part' => ['nullable', 'required_with:scale', 'string', 'max:40'],
            'lines' => ['required', 'string', 'max:6000', $this->linesRule(...)],
            'minutes' => ['required', 'integer', 'between:1,'.OwnTask::MOST_MINUTES],
            'every' => ['required', 'integer', 'between:1,'.OwnTask::MOST_EVERY],
            'unit' => ['required', 'string', Rule::in([OwnTask::DAYS, $this->kind()->useUnit])],
            'scale' => ['nullable', 'string', Rule::in(array_keys(app(Handbook::class)->scales()->all()))],
            'needs' => ['nullable', 'string', 'max:400'],
            'last_done' => ['nullable', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return array_map(
            static fn (string $field): string => (string) __("tasks.fields.$field"),
            array_combine(self::FIELDS, self::FIELDS),
        );
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['lines.required' => (string) __('tasks.no_lines'), 'part.required_with' => (string) __('tasks.no_part')];
    }

    /** The machine it is for; null for the kitchen itself where there is no task of it yet. */
    public function machine(): ?Machine
    {
        $there = $this->route('machine');
        if ($there instanceof Machine) {
            return $there;
        }
        $user = $this->user();
        $home = $user instanceof User ? $user->home() : abort(404);
        $wanted = $this->string('machine')->toString();
        if (Machine::KITCHEN === $wanted) {
            return $home->activeMachines()->where('kind', Machine::KITCHEN)->oldest()->first();
        }

        return $home->activeMachines()->whereKey($wanted)->first() ?? abort(404);
    }

    public function kind(): MachineKind
    {
        return $this->machine()?->kindIn(app(Handbook::class)) ?? app(Handbook::class)->kind(Machine::KITCHEN);
    }

    public function task(): OwnTaskInput
    {
        $part = $this->string('part')->trim()->toString();
        $scale = $this->string('scale')->toString();

        return new OwnTaskInput(
            title: $this->string('title')->trim()->toString(),
            part: '' === $part ? null : $part,
            lines: self::lines($this->string('lines')->toString()) ?: abort(422),
            minutes: $this->integer('minutes'),
            every: $this->integer('every'),
            unit: $this->string('unit')->toString(),
            scale: '' === $scale ? null : $scale,
            needs: array_slice(self::split('/[,;\n]+/', $this->string('needs')->toString()), 0, OwnTask::MOST_NEEDS),
            lastDone: $this->filled('last_done') ? Day::of($this->string('last_done')->toString()) : null,
        );
    }

    /** @param \Closure(string): mixed $fail */
    private function linesRule(string $field, mixed $typed, \Closure $fail): void
    {
        $lines = self::lines(is_string($typed) ? $typed : '');
        if ([] === $lines) {
            $fail((string) __('tasks.no_lines'));
        } elseif (count($lines) > OwnTask::MOST_LINES) {
            $fail((string) __('tasks.too_many_lines', ['most' => OwnTask::MOST_LINES]));
        } elseif (max(array_map(mb_strlen(...), $lines)) > OwnTask::LONGEST_LINE) {
            $fail((string) __('tasks.too_long_line', ['most' => OwnTask::LONGEST_LINE]));
        }
    }

    /** @return list<string> without the numbers and dashes that people put before a line */
    private static function lines(string $typed): array
    {
        return array_values(array_filter(array_map(
            static fn (string $line): string => trim((string) preg_replace('/^(?:\d{1,2}[.)]|[-*•])(?:\s+|$)/u', '', $line)),
            self::split('/\R/u', $typed),
        )));
    }

    /** @return list<string> */
    private static function split(string $at, string $typed): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split($at, $typed) ?: [])));
    }
}
