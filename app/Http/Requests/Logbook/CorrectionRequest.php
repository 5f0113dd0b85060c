<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Actions\Logbook\ActionRefused;
use App\Http\Requests\UlidRequest;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Absence;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** What an entry should have said: the same kind of thing, on another day, of another part, or in another amount. */
final class CorrectionRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $payload = $this->entry()->decode();
        $day = ['required', 'string', 'date_format:Y-m-d', 'after:1999-12-31'];

        return parent::rules() + match (true) {
            $payload instanceof Opening => ['task' => ['required', 'string', Rule::in(array_keys($this->tasks()))]] + (
                null === $payload->found ? [] : [
                    'found' => ['required', 'string', Rule::in($this->grades())],
                    'left' => ['required', 'string', Rule::in($this->grades())],
                ]
            ),
            $payload instanceof Dose => [
                'amount' => ['nullable', 'numeric', 'gt:0', 'max:20000'],
                'unit' => ['nullable', Rule::in(array_keys(Portion::measures(HouseMeasures::now())))],
                'strength' => ['nullable', 'numeric', 'between:1,100'],
            ],
            $payload instanceof UseCount => ['uses' => ['required', 'numeric', null === $payload->over ? 'gt:0' : 'min:0', 'max:1000']],
            $payload instanceof Measurement && null !== $payload->number => ['number' => ['required', 'numeric', 'between:0,100000']],
            $payload instanceof Note => ['text' => ['required', 'string', 'max:'.Note::LONGEST]],
            $payload instanceof Absence => ['from' => $day, 'to' => [...$day, 'after_or_equal:from', 'before:2100-01-01']],
            default => [],
        } + ($payload instanceof Absence ? [] : ['on' => $day, 'at' => ['nullable', 'string', 'date_format:H:i']]) + [
            'machine' => ['nullable', 'string', Rule::in(array_map(static fn (Machine $machine): string => $machine->id, $this->alike()))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to.after_or_equal' => (string) __('machines.away_order')];
    }

    public function entry(): Entry
    {
        $entry = $this->route('entry');

        return $entry instanceof Entry ? $entry : abort(404);
    }

    /** @throws ActionRefused for a grade that is not of the part's scale */
    public function payload(): Payload
    {
        $payload = $this->entry()->decode();

        return match (true) {
            $payload instanceof Opening => $this->opening($payload),
            $payload instanceof Dose => new Dose(
                $payload->agent,
                $payload->vessel,
                $this->filled('amount')
                    ? Portion::measured($this->float('amount'), $this->filled('unit') ? $this->string('unit')->toString() : 'ml')
                    : null,
                $this->filled('strength') ? $this->float('strength') : null,
            ),
            $payload instanceof UseCount => new UseCount($payload->unit, $this->float('uses'), $payload->over),
            $payload instanceof Measurement && null !== $payload->number => new Measurement(
                $payload->what,
                HouseMeasures::field(app(Handbook::class)->measurement($payload->what)->unit)->kept($this->float('number')),
                $payload->of,
                $payload->picks,
            ),
            $payload instanceof Note => new Note(trim($this->string('text')->toString())),
            $payload instanceof Absence => new Absence(
                Day::of($this->string('from')->toString()),
                Day::of($this->string('to')->toString()),
                $payload->reason,
            ),
            default => $payload,
        };
    }

    private function opening(Opening $payload): Opening
    {
        $task = $this->string('task')->toString();
        if (null === $payload->found) {
            return new Opening($task, null, $payload->left, $payload->how);
        }
        $handbook = app(Handbook::class);
        $machine = $this->machine();
        $scale = $handbook->scales()->scale(
            null === $machine ? 'mesh' : $machine->kindIn($handbook)->procedures->scaleOf($task, $machine->traits),
        );
        $fraction = static function (string $id) use ($scale): \GoodRinse\Core\Quantity\Fraction {
            foreach ($scale->grades as $grade) {
                if ($grade->id === $id) {
                    return $grade->fraction;
                }
            }
            throw UnknownEntry::named('grade of this part', $id);
        };
        $kept = $scale->nearest($payload->found)->id === $this->string('found')->toString() && $task === $payload->task;
        $found = $kept ? $payload->found : $fraction($this->string('found')->toString());
        $left = $fraction($this->string('left')->toString());

        return new Opening($task, $found, $left->value > $found->value ? $found : $left, $kept ? $payload->how : Opening::BY_GRADE);
    }

    /** When it happened: the hour where it is known, else where its day stands. */
    public function happenedAt(): \DateTimeImmutable
    {
        $entry = $this->entry();
        if ($entry->decode() instanceof Absence) {
            return $entry->happened_at->toDateTimeImmutable();
        }
        $zone = $this->home()->zone();
        $day = Day::of($this->string('on')->toString());
        if (!$this->filled('at')) {
            return DayOrder::moment($day, app(ClockInterface::class)->now(), $zone);
        }
        $was = $entry->happened_at->setTimezone($zone);
        if ($was->format('Y-m-d H:i') === "$day {$this->string('at')}") {
            return $entry->happened_at->toDateTimeImmutable();
        }
        [$hour, $minute] = array_map(intval(...), explode(':', $this->string('at')->toString()));

        return $day->atTime($hour, $minute, $zone);
    }

    /** The machine it was on: another of the same kind, or the one it said. */
    public function machine(): ?Machine
    {
        foreach ($this->alike() as $machine) {
            if ($machine->id === $this->input('machine')) {
                return $machine;
            }
        }

        return $this->entry()->machine;
    }

    public function part(): ?string
    {
        $payload = $this->entry()->decode();

        return $payload instanceof Opening
            ? ($this->tasks()[$this->string('task')->toString()]->part ?? $this->entry()->part)
            : $this->entry()->part;
    }

    /** @return list<Machine> of the same kind */
    private function alike(): array
    {
        $machine = $this->entry()->machine;

        return null === $machine ? [] : array_values($this->home()->machines()->where('kind', $machine->kind)->get()->all());
    }

    /** @return array<string, CareTask> */
    private function tasks(): array
    {
        $machine = $this->entry()->machine;

        return null === $machine ? [] : $machine->kindIn(app(Handbook::class))->tasksFor($machine->traits);
    }

    /** @return list<string> */
    private function grades(): array
    {
        $machine = $this->machine();
        $task = $this->string('task')->toString();
        $handbook = app(Handbook::class);

        return null === $machine || !isset($this->tasks()[$task]) ? [] : array_map(
            static fn (Grade $grade): string => $grade->id,
            $handbook->scales()->scale($machine->kindIn($handbook)->procedures->scaleOf($task, $machine->traits))->grades,
        );
    }

    private function home(): \App\Models\Household
    {
        $user = $this->user();

        return $user instanceof User ? $user->home() : abort(401);
    }
}
