<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Household;
use App\Models\Machine;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Machine> */
final class MachineFactory extends Factory
{
    protected $model = Machine::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'household_id' => Household::factory(),
            'kind' => 'dishwasher',
            'name' => 'Tarnbeck '.$this->faker->numberBetween(30, 90),
            'place' => null,
            'traits' => ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'two'],
            'habits' => ['loadsPerWeek' => 7.0, 'plates' => 'scrape'],
            'schools' => ['filter' => 'monthly'],
        ];
    }
}
