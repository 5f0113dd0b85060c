<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Household;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    public const PASSWORD = 'three wet sponges';

    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'household_id' => Household::factory(),
            'name' => $this->faker->firstName(),
            'email' => $this->faker->unique()->safeEmail(),
            'password' => self::PASSWORD,
            'appearance' => 'auto',
        ];
    }
}
