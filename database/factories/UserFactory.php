<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Actions\Household\ChangeMembers;
use App\Models\Household;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    public const PASSWORD = 'three wet sponges';

    protected $model = User::class;

    /** Whoever has a household open belongs to it, the first as its keeper. */
    public function configure(): self
    {
        return $this->afterCreating(static function (User $user): void {
            if (null !== $user->household_id) {
                app(ChangeMembers::class)->add($user, Household::query()->findOrFail($user->household_id));
            }
        });
    }

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
