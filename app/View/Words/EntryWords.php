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
    public function say(Payload $says, ?Machine $machine, ?string $part, Measures $measures): string
    {
        return Str::ucfirst(match (true) {
            $says instanceof Opening => $this->opening($says, $machine, $this->part($machine, $part)),
            $says instanceof Dose => $this->dose($says, $machine, $measures),
            $says instanceof Clearing => self::text("clearing.$says->by", ['vessel' => $this->vessel($says->vessel, $machine)]),
            $says instanceof UseCount => self::text(
                null === $says->over ? 'counter' : 'counter_over',
                ['uses' => Uses::counted($says->uses, $says->unit), 'days' => (string) $says->over],
            ),
            $says instanceof MeterTotal => self::text('meter', ['uses' => Uses::counted($says->total, $says->unit)]),
            $says instanceof IndicatorLight => self::text($says->on ? 'light_on' : 'light_off', ['light' => $says->light]),
            $says instanceof Symptom => self::text('symptom', ['symptom' => mb_strtolower($this->symptom($machine, $says->symptom))]).(
                null === $says->where ? '' : self::text('where', ['where' => (string) __("traces.zone.$says->where")])
            ),
            $says instanceof Fix => self::text(
                $says->helped ? 'fix' : 'fix_failed',
                ['action' => mb_strtolower(
                    (null === $machine ? null : $this->handbook->trouble($machine->kind)?->actions[$says->action] ?? null)->name
                        ?? $says->action,
                )],
            ),
            $says instanceof Confirmation => self::text(
                $says->caused ? 'caused' : 'not_caused',
                ['task' => mb_strtolower($this->task($machine, $says->task))],
            ),
            $says instanceof Snooze => self::text(
                'snooze',
                ['task' => $this->task($machine, $says->task), 'until' => Dates::day($says->until), 'reason' => $says->reason],
            ),
            $says instanceof Absence => self::text('away', ['from' => Dates::day($says->from), 'to' => Dates::day($says->to)]).(
                '' === $says->reason ? '' : self::text('away_reason', ['reason' => $says->reason])
            ),
            $says instanceof Check => $this->check($says, $machine),
            $says instanceof Measurement => $this->reading($says),
            $says instanceof PartFitted => self::text('fitted', ['part' => $this->part($machine, $says->part)]),
            $says instanceof Note => $says->text,
            $says instanceof Reversal => self::text("voiding.$says->why"),
            default => $says->kind()->value,
        });
    }

    /** A test of a round, or a question of a trace. */
    private function check(Check $says, ?Machine $machine): string
    {
        $key = "check.$says->check.".($says->passed ? 'passed' : 'failed');
        $asked = null === $machine || \Illuminate\Support\Facades\Lang::has("logbook.$key")
            ? null
            : $this->handbook->trouble($machine->kind)->checks[$says->check] ?? null;
        if (null === $asked) {
            return self::text($key);
        }
        foreach ($asked->results as $result) {
            if ($result->id === $says->result) {
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

    private function reading(Measurement $says): string
    {
        try {
            $rule = $this->handbook->reading($says->what);
        } catch (UnknownEntry) {
            return self::text(
                'reading_gone',
                ['number' => null === $says->number ? implode(', ', $says->picks) : Uses::number($says->number)],
            );
        }
        $in = HouseMeasures::field($rule->unit);
        $unit = ['name' => $rule->name, 'unit' => $in->name];

        return match (true) {
            null !== $says->of => self::text(
                'reading_ratio',
                $unit + ['number' => Uses::number((float) $says->number), 'of' => Uses::number($says->of)],
            ),
            null !== $says->number => self::text('reading_number', $unit + ['number' => Uses::number($in->written($says->number))]),
            default => self::text(
                'reading_picks',
                $unit + ['picks' => mb_strtolower(implode(', ', array_map($rule->optionName(...), $says->picks)))],
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
        return null === $machine ? Scales::MESH : $this->handbook->kind($machine->kind)->scaleOf($task, $machine->traits);
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
