<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\Household;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Takes a household away with everything in it, its pictures and papers too. */
final readonly class DeleteHousehold
{
    /** What belongs to a household, what hangs on something else first. */
    private const TABLES = [
        'photos', 'documents', 'supplies', 'device_events', 'ticks', 'entries', 'traces', 'rounds', 'care_sessions', 'devices', 'machines',
    ];

    public function handle(Household $household): void
    {
        DB::transaction(static function () use ($household): void {
            DB::table('households')->where('id', $household->id)->update(['leaving' => true]);
            foreach (self::TABLES as $table) {
                match ($table) {
                    'ticks' => DB::table('ticks')->whereIn('round_id', $household->rounds()->select('id'))->delete(),
                    'device_events' => DB::table('device_events')->whereIn('device_id', $household->devices()->select('id'))->delete(),
                    default => DB::table($table)->where('household_id', $household->id)->delete(),
                };
            }
            foreach (User::query()->where('household_id', $household->id)->get() as $user) {
                $next = Membership::query()->where('user_id', $user->id)->whereNot('household_id', $household->id)->value('household_id');
                $user->forceFill(['household_id' => $next])->save();
            }
            $household->delete();
        });
        File::deleteDirectory(config()->string('good-rinse.photos')."/$household->id");
    }
}
