<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A round remembers what was expected of its parts; counters that are no single use are found without reading past those that are. */
return new class extends Migration {
    public function up(): void
    {
        // blocked fraction by care task when it began
        Schema::table('rounds', fn (Blueprint $table) => $table->json('expected')->nullable());
        DB::unprepared(
            "CREATE INDEX entries_no_taps ON entries (machine_id, happened_at) WHERE kind = 'counter' "
            ."AND (json_extract(payload, '$.over') IS NOT NULL OR json_extract(payload, '$.unit') = 'litres')",
        );
    }

    public function down(): void
    {
        DB::unprepared('DROP INDEX entries_no_taps');
        Schema::table('rounds', fn (Blueprint $table) => $table->dropColumn('expected'));
    }
};
