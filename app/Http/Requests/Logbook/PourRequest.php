<?php

declare(strict_types=1);

namespace App\Http\Requests\Logbook;

use App\Http\Requests\UlidRequest;
use App\Models\User;
use App\View\Words\HouseMeasures;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** What was poured, how much of it and when. */
final class PourRequest extends UlidRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'agent' => [
                'required',
                'string',
                Rule::in([...array_keys(app(Handbook::class)->chemistry()->agents), ChemistryRules::STRANGER]),
            ],
            'amount' => ['nullable', 'numeric', 'gt:0', 'max:20000'],
            'unit' => ['nullable', Rule::in(array_keys(Portion::measures(HouseMeasures::now())))],
            'strength' => ['nullable', 'numeric', 'between:1,100'],
            'on' => ['nullable', 'string', 'date_format:Y-m-d', 'after:1999-12-31'],
            'at' => ['nullable', 'string', 'date_format:H:i'],
        ];
    }

    public function dose(string $vessel): Dose
    {
        return new Dose(
            $this->string('agent')->toString(),
            $vessel,
            $this->filled('amount')
                ? Portion::measured(
                    $this->float('amount'),
                    $this->filled('unit') ? $this->string('unit')->toString() : PortionUnit::Millilitres->value,
                )
                : null,
            $this->filled('strength') ? $this->float('strength') : null,
        );
    }

    /** The moment it was poured; now where nobody says, and of a day whose hour nobody knows the latest it can have been. */
    public function happenedAt(): \DateTimeImmutable
    {
        $now = app(ClockInterface::class)->now();
        $zone = $this->home()->home()->zone();
        $day = $this->filled('on') ? Day::of($this->string('on')->toString()) : Day::at($now, $zone);
        if (!$this->filled('at')) {
            return DayOrder::moment($day, $now, $zone);
        }
        [$hour, $minute] = array_map(intval(...), explode(':', $this->string('at')->toString()));

        return $day->atTime($hour, $minute, $zone);
    }

    private function home(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : abort(401);
    }
}
