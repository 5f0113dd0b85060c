<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Models\Machine;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Rhythm\StartingInterval;

/** Explains where a first interval comes from, in a sentence with its arithmetic. */
final readonly class StartWords
{
    public function __construct(private Handbook $handbook)
    {
    }

    public function sentence(StartingInterval $start, CareTask $task, Machine $machine, MachineKind $kind): string
    {
        $school = mb_strtolower($task->schools[$start->school]->name ?? $start->school);
        if (null === $start->base) {
            return (string) __('rhythm.start_off', ['school' => $school]);
        }
        $values = [
            'school' => $school,
            'base' => Uses::counted($start->base, $start->unit),
            'start' => Uses::counted($start->count, $start->unit),
        ];
        $sentence = null === $start->hardness ? (string) __('rhythm.start', $values) : $this->byWater($start, $values);
        $sentence .= match (true) {
            $start->picked => (string) __('rhythm.start_picked'),
            [] !== $start->for => (string) __(
                'rhythm.start_for',
                ['habits' => implode(', ', array_map(fn (string $habit): string => $this->habit($habit, $machine, $kind), $start->for))],
            ),
            default => '',
        };
        $weekly = $kind->declaredUsesPerDay($machine->habits) * 7;
        $perDay = $weekly / 7;
        $other = match (true) {
            $perDay <= 0 => null,
            'days' === $start->unit
                && [] !== array_filter($task->clocks, static fn ($clock): bool => $clock->unit === $kind->useUnit) => Uses::counted(
                    $start->count * $perDay,
                    $kind->useUnit,
                ),
            $kind->useUnit === $start->unit => Uses::counted($start->count / $perDay, 'days'),
            default => null,
        };

        return $sentence.(null === $other ? '.' : (string) __(
            'rhythm.start_rate',
            ['weekly' => Uses::counted($weekly, $kind->useUnit), 'other' => $other],
        ));
    }

    /** @param array<string, string> $values */
    private function byWater(StartingInterval $start, array $values): string
    {
        $doses = $this->handbook->doseModel();
        $usual = (new Descaling($doses))->usualBrews();
        $limit = $doses->brewLimit;
        $in = HouseMeasures::field('ml');
        $volume = static fn (float $litres): string => $in->isKept()
            ? Numbers::upTo($litres, 2)
            : Uses::number($in->written($litres * 1000));

        return (string) __($start->guessed ? 'rhythm.start_water_guess' : 'rhythm.start_water', $values + [
            'litres' => $volume($limit['litres']),
            'unit' => $in->isKept() ? (string) __('units.names.litres') : $in->name,
            'mg' => Uses::number($limit['hardness']),
            'hard' => Uses::number((float) $start->hardness),
            'own' => $volume((float) $start->litres),
            'least' => $volume($limit['least']),
            'most' => $volume($limit['most']),
            'usual' => Uses::number($usual[0]).'–'.Uses::number($usual[1]),
        ]);
    }

    private function habit(string $id, Machine $machine, MachineKind $kind): string
    {
        $habit = $kind->habits()[$id];

        return mb_strtolower(Option::among($habit->options, (string) ($machine->habits[$id] ?? $habit->default))->name ?? $id);
    }
}
