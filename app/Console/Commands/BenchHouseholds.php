<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Household\CreateHousehold;
use App\Models\Machine;
use App\Models\User;
use Database\Seeders\LabHousehold;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Hash;

/** Loads many small households, for bench/load.php to write into at once. */
final class BenchHouseholds extends Command
{
    protected $signature = 'bench:households {many=200} {password=harbour kettle nineteen}';

    protected $description = 'Loads made-up households of one person and one machine each, and prints their machines';

    public function handle(CreateHousehold $found, LabHousehold $lab): int
    {
        $hash = Hash::make((string) $this->argument('password'));
        $all = [];
        for ($i = 1; $i <= (int) $this->argument('many'); ++$i) {
            $user = User::query()->firstOrCreate(
                ['email' => "load.$i@marrowick.example"],
                ['name' => "Load $i", 'password' => $hash],
            )->refresh();
            if (null === $user->household_id) {
                $found->handle($user, "Load $i", 'Europe/Stockholm', Measures::Metric);
                $lab->add($user->refresh()->home(), $user, 'dishwasher', 'Galley', null, [], [], [], Day::of('2026-01-01'));
            }
            $all[$user->email] = Machine::query()->where('household_id', $user->household_id)->whereNot('kind', Machine::KITCHEN)
                ->firstOrFail()->id;
        }
        $this->line(json_encode($all, JSON_THROW_ON_ERROR));

        return self::SUCCESS;
    }
}
