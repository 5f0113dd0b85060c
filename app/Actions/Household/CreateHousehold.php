<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\Household;
use App\Models\User;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Support\Facades\DB;

/** Founds a household with its first member. */
final readonly class CreateHousehold
{
    public function __construct(private ChangeMembers $members)
    {
    }

    /** Its first member keeps it, and has it open from now on. */
    public function handle(User $by, string $name, string $timezone, Measures $measures): Household
    {
        return DB::transaction(function () use ($by, $name, $timezone, $measures): Household {
            $household = Household::query()->create(['name' => $name, 'timezone' => $timezone, 'measures' => $measures]);
            $this->members->add($by, $household);

            return $household;
        });
    }
}
