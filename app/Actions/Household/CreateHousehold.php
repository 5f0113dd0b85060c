<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Actions\Logbook\ActionRefused;
use App\Models\Household;
use App\Models\User;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Support\Facades\DB;

/** Founds a household with its first member. */
final readonly class CreateHousehold
{
    /** @throws ActionRefused when the person belongs to one already */
    public function handle(User $by, string $name, string $timezone, Measures $measures): Household
    {
        return DB::transaction(static function () use ($by, $name, $timezone, $measures): Household {
            if (null !== $by->refresh()->household_id) {
                throw ActionRefused::alreadyHasHousehold();
            }
            $household = Household::query()->create(['name' => $name, 'timezone' => $timezone, 'measures' => $measures]);
            $by->household()->associate($household)->save();

            return $household;
        });
    }
}
