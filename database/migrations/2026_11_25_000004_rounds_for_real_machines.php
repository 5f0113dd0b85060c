<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('ticks', function (Blueprint $table): void {
            $table->string('how', 10)->default('done');
            $table->json('details')->nullable();
        });
        Schema::table('machines', function (Blueprint $table): void {
            $table->json('apart')->default('{}');
        });
        Schema::table('rounds', function (Blueprint $table): void {
            $table->dateTime('settled_at')->nullable();
        });
        DB::unprepared(
            'CREATE INDEX rounds_open ON rounds (household_id, started_at) '
            ."WHERE (ended_at IS NULL OR (open_ends <> '[]' AND settled_at IS NULL))",
        );
        Schema::table('photos', function (Blueprint $table): void {
            $table->ulid('machine_id')->nullable();
            $table->string('part', 40)->nullable();
        });
    }

    public function down(): void
    {
        DB::unprepared('DROP INDEX rounds_open');
        Schema::table('ticks', fn (Blueprint $table) => $table->dropColumn(['how', 'details']));
        Schema::table('machines', fn (Blueprint $table) => $table->dropColumn('apart'));
        Schema::table('rounds', fn (Blueprint $table) => $table->dropColumn('settled_at'));
        Schema::table('photos', fn (Blueprint $table) => $table->dropColumn(['machine_id', 'part']));
    }
};
