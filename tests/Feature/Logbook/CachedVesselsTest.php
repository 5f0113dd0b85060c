<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\ReverseEntry;
use App\Actions\Logbook\WriteEntries;
use App\Care\Readers\VesselReader;
use App\Models\Entry;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\UseCount;
use Illuminate\Cache\NullStore;
use Illuminate\Cache\Repository;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** What the vessels hold may be kept, but is always what the whole logbook makes it. */
final class CachedVesselsTest extends TestCase
{
    public function test_random_pours_uses_and_corrections_are_read_alike_from_what_is_kept(): void
    {
        $user = $this->member();
        $home = $user->home();
        $machines = [$this->machineOf($user), $this->machineOf($user)];
        $handbook = app(Handbook::class);
        $kept = app(VesselReader::class);
        $whole = new VesselReader($handbook, $this->clock, new Repository(new NullStore()));
        $random = new Randomizer(new Mt19937(14));
        $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $readings = [0.0, 0.0];
        for ($i = 0; $i < 240; ++$i) {
            $this->clock->move('+'.$random->getInt(1, 600).' minutes');
            $which = $random->getInt(0, 1);
            $late = 0 === $random->getInt(0, 5) ? $random->getInt(1, 60 * 72) : 0;
            $payload = match ($random->getInt(0, 7)) {
                0 => new Dose($one(['white-vinegar', 'chlorine-bleach', 'hydrogen-peroxide']), $one(['tub', 'sink', 'bucket']), null),
                1 => new Clearing($one(['tub', 'sink']), $one(['plain-cycle', 'cycle', 'flush'])),
                2, 3, 4 => new UseCount('loads', (float) $random->getInt(1, 2)),
                5 => new UseCount('loads', (float) $random->getInt(0, 9), $random->getInt(1, 7)),
                6 => new MeterTotal('loads', $readings[$which] += $random->getInt(0, 3), 'm'),
                default => null,
            };
            if (null === $payload) {
                $voided = DB::table('entries')->select('voids')->whereNotNull('voids');
                $id = $one([
                    null,
                    ...DB::table('entries')->where('kind', '<>', 'voiding')->whereNotIn('id', $voided)->orderBy('seq')->pluck('id')->all(),
                ]);
                null === $id || app(ReverseEntry::class)->handle(Entry::query()->findOrFail($id), $user);
            } else {
                app(WriteEntries::class)->handle(
                    $home,
                    $user,
                    [new EntryDraft($payload, $this->clock->now()->modify("-$late minutes"), Entry::BY_HAND, $machines[$which])],
                );
            }
            self::assertEquals($whole->household($home), $kept->household($home), "after entry $i");
        }
    }
}
