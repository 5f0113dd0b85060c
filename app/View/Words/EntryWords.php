<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\Payload\Absence;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Confirmation;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\Fix;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Logbook\Payload\Snooze;
use GoodRinse\Core\Logbook\Payload\Symptom;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Support\Str;

/** Says what an entry of the logbook says. */
final class EntryWords
{
    /** @var array<string, string> */
    private array $parts = [];

    public function __construct(private readonly Handbook $handbook)
    {
    }

    /** @param string|null $part id of the part it is about */
    public function describe(Payload $payload, ?Machine $machine, ?string $part, Measures $measures): string
    {
        return Str::ucfirst(match (true) {
            $payload instanceof Opening => $this->opening($payload, $machine, $this->part($machine, $part)),
            $payload instanceof Dose => $this->dose($payload, $machine, $measures),
            $payload instanceof Clearing => self::text("clearing.$payload->by", ['vessel' => $this->vessel($payload->vessel, $machine)]),
            $payload instanceof UseCount => self::text(
                null === $payload->over ? 'counter' : 'counter_over',
                ['uses' => Uses::counted($payload->uses, $payload->unit), 'days' => (string) $payload->over],
            ),
            $payload instanceof MeterTotal => self::text('meter', ['uses' => Uses::counted($payload->total, $payload->unit)]),
            $payload instanceof IndicatorLight => self::text($payload->on ? 'light_on' : 'light_off', ['light' => $payload->light]),
            $payload instanceof Symptom => self::text(
                'symptom',
                ['symptom' => mb_strtolower($this->symptom($machine, $payload->symptom))],
            ).(
                null === $payload->where ? '' : self::text('where', ['where' => (string) __("traces.zone.$payload->where")])
            ),
            $payload instanceof Fix => self::text(
                $payload->helped ? 'fix' : 'fix_failed',
                ['action' => mb_strtolower(
                    (null === $machine ? null : $this->handbook->trouble($machine->kind)?->actions[$payload->action] ?? null)->name
                        ?? $payload->action,
                )],
            ),
            $payload instanceof Confirmation => self::text(
                $payload->caused ? 'caused' : 'not_caused',
                ['task' => mb_strtolower($this->task($machine, $payload->task))],
            ),
            $payload instanceof Snooze => self::text(
                'snooze',
                ['task' => $this->task($machine, $payload->task), 'until' => Dates::day($payload->until), 'reason' => $payload->reason],
            ),
            $payload instanceof Absence => self::text('away', ['from' => Dates::day($payload->from), 'to' => Dates::day($payload->to)]).(
                '' === $payload->reason ? '' : self::text('away_reason', ['reason' => $payload->reason])
            ),
            $payload instanceof Check => $this->check($payload, $machine),
            $payload instanceof Measurement => $this->reading($payload),
            $payload instanceof PartFitted => self::text('fitted', ['part' => $this->part($machine, $payload->part)]),
            $payload instanceof Note => $payload->text,
            $payload instanceof Reversal => self::text("voiding.$payload->why"),
            default => $payload->kind()->value,
        });
    }

    /** A test of a round, or a question of a trace. */
    private function check(Check $payload, ?Machine $machine): string
    {
        $key = "check.$payload->check.".($payload->passed ? 'passed' : 'failed');
        $asked = null === $machine || \Illuminate\Support\Facades\Lang::has("logbook.$key")
            ? null
            : $this->handbook->trouble($machine->kind)->checks[$payload->check] ?? null;
        if (null === $asked) {
            return self::text($key);
        }
        foreach ($asked->results as $result) {
            if ($result->id === $payload->result) {
                return self::text('traced', ['check' => rtrim($asked->name, '?.'), 'result' => mb_strtolower($result->name)]);
            }
        }

        return $asked->name;
    }

    private function symptom(?Machine $machine, string $symptom): string
    {
        return null === $machine ? $symptom : $this->handbook->trouble($machine->kind)->symptoms[$symptom]->name ?? $symptom;
    }

    private function dose(Dose $dose, ?Machine $machine, Measures $measures): string
    {
        $values = ['agent' => $this->agent($dose->agent), 'vessel' => $this->vessel($dose->vessel, $machine)];
        $said = null === $dose->portion
            ? self::text('dose_unmeasured', $values)
            : self::text('dose', $values + ['amount' => $dose->portion->inKitchen($measures)]);

        return $said.(null === $dose->strength ? '' : self::text('strength', ['percent' => Uses::number($dose->strength)]));
    }

    private function reading(Measurement $payload): string
    {
        try {
            $rule = $this->handbook->reading($payload->what);
        } catch (UnknownEntry) {
            return self::text(
                'reading_gone',
                ['number' => null === $payload->number ? implode(', ', $payload->picks) : Uses::number($payload->number)],
            );
        }
        $in = HouseMeasures::field($rule->unit);
        $unit = ['name' => $rule->name, 'unit' => $in->name];

        return match (true) {
            null !== $payload->of => self::text(
                'reading_ratio',
                $unit + ['number' => Uses::number((float) $payload->number), 'of' => Uses::number($payload->of)],
            ),
            null !== $payload->number => self::text('reading_number', $unit + ['number' => Uses::number($in->written($payload->number))]),
            default => self::text(
                'reading_picks',
                $unit + ['picks' => mb_strtolower(implode(', ', array_map($rule->optionName(...), $payload->picks)))],
            ),
        };
    }

    private function opening(Opening $opening, ?Machine $machine, string $part): string
    {
        if (Opening::DONE === $opening->how) {
            return self::text('opening.done', ['task' => $this->task($machine, $opening->task)]);
        }
        if (null === $opening->found) {
            return self::text(Opening::AS_NEW === $opening->how ? 'opening.new' : 'opening.told', ['part' => $part]);
        }
        $scale = $this->handbook->scales()->scale($this->scale($machine, $opening->task));
        $found = mb_strtolower($scale->nearest($opening->found)->name);
        $key = match (true) {
            0.0 === $opening->left->value && 0.0 === $opening->found->value => 'clear',
            $opening->left->value < $opening->found->value => 'cleaned',
            default => 'looked',
        };

        return self::text(
            "opening.$key",
            ['part' => $part, 'found' => $found, 'left' => mb_strtolower($scale->nearest($opening->left)->name)],
        );
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

    /** Id of the scale that a task's part is judged on. */
    public function scale(?Machine $machine, string $task): string
    {
        return null === $machine ? Scales::MESH : $this->handbook->kind($machine->kind)->procedures->scaleOf($task, $machine->traits);
    }

    private function part(?Machine $machine, ?string $part): string
    {
        if (null === $machine || null === $part) {
            return self::text('something');
        }
        try {
            return $this->parts["$machine->id $part"] ??= $this->handbook->kind($machine->kind)->part($part)->name($machine->traits);
        } catch (UnknownEntry) {
            return $machine->ownParts()->parts[$part]->name ?? $part;
        }
    }

    private function task(?Machine $machine, string $task): string
    {
        try {
            return null === $machine ? $task : $this->handbook->kind($machine->kind)->task($task)->name;
        } catch (UnknownEntry) {
            return $task;
        }
    }

    /** As the machine calls it, or by its own name. */
    private function vessel(string $id, ?Machine $machine): string
    {
        $rules = $this->handbook->chemistry();
        $id = $rules->vesselId($id);
        $own = null === $machine ? null : $this->handbook->kind($machine->kind)->vessels[$id] ?? null;

        return $own->name ?? $rules->vessels[$id]->name ?? str_replace('-', ' ', $id);
    }

    private function agent(string $id): string
    {
        return $this->handbook->chemistry()->agent($id)->name;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        $said = __("logbook.$key", $values);

        return is_string($said) ? $said : $key;
    }
}
