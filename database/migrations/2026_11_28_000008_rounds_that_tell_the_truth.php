<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('rounds', fn (Blueprint $table) => $table->json('procedures')->default('[]'));
        foreach (DB::table('rounds')->get(['id', 'procedure']) as $round) {
            DB::table('rounds')->where('id', $round->id)->update(['procedures' => json_encode(explode('+', (string) $round->procedure))]);
        }
        Schema::table('rounds', fn (Blueprint $table) => $table->dropColumn('procedure'));
        // The newest line of the logbook when the tick was made: what a person took back later stays taken back.
        Schema::table('ticks', fn (Blueprint $table) => $table->integer('logbook_seq')->nullable());
        Schema::table('machines', function (Blueprint $table): void {
            $table->json('waits')->default('{}');
            $table->json('own_parts')->default('[]');
        });
    }

    public function down(): void
    {
        Schema::table('rounds', fn (Blueprint $table) => $table->string('procedure', 400)->default(''));
        foreach (DB::table('rounds')->get(['id', 'procedures']) as $round) {
            DB::table('rounds')->where('id', $round->id)->update(
                ['procedure' => implode('+', (array) json_decode((string) $round->procedures))],
            );
        }
        Schema::table('rounds', fn (Blueprint $table) => $table->dropColumn('procedures'));
        Schema::table('ticks', fn (Blueprint $table) => $table->dropColumn('logbook_seq'));
        Schema::table('machines', fn (Blueprint $table) => $table->dropColumn(['waits', 'own_parts']));
    }
};
