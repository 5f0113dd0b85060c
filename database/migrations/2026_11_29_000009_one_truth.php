<?php

declare(strict_types=1);

use App\Databases\AppendOnly;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** What was written down for a day without an hour stood at noon: it moves to where it belongs in the order of its day. */
    public function up(): void
    {
        Schema::table('machines', fn (Blueprint $table) => $table->json('rhythms')->default('{}'));
        // The entry that this one stands instead of.
        Schema::table('entries', fn (Blueprint $table) => $table->ulid('corrects')->nullable());
        DB::unprepared('CREATE INDEX entries_corrects ON entries (corrects) WHERE corrects IS NOT NULL'); // few entries have one
        AppendOnly::open('update');
        foreach (DB::table('entries')->where('source', 'hand')->whereIn('kind', ['opening', 'symptom'])->get(
            ['seq', 'zone', 'happened_at', 'recorded_at'],
        ) as $entry) {
            $zone = new DateTimeZone((string) $entry->zone);
            $utc = new DateTimeZone('UTC');
            $at = new DateTimeImmutable((string) $entry->happened_at, $utc);
            if ('12:00:00' === $at->setTimezone($zone)->format('H:i:s')) {
                $moment = DayOrder::moment(Day::at($at, $zone), new DateTimeImmutable((string) $entry->recorded_at, $utc), $zone);
                DB::table('entries')->where('seq', $entry->seq)->update(
                    ['happened_at' => $moment->setTimezone($utc)->format('Y-m-d H:i:s')],
                );
            }
        }
        AppendOnly::guard('update');
    }

    public function down(): void
    {
        Schema::table('machines', fn (Blueprint $table) => $table->dropColumn('rhythms'));
        DB::unprepared('DROP INDEX entries_corrects');
        Schema::table('entries', fn (Blueprint $table) => $table->dropColumn('corrects'));
    }
};
