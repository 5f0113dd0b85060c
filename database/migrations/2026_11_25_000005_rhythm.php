<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('devices', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('machine_id')->constrained()->restrictOnDelete();
            $table->string('name', 60);
            $table->string('token_hash', 64)->nullable()->unique();
            $table->text('token_sealed')->nullable();
            $table->boolean('simulated')->default(false);
            $table->unsignedInteger('series')->default(0);
            $table->dateTime('last_seen_at')->nullable();
            $table->integer('clock_ahead')->default(0);
            $table->timestamps();
            $table->index(['household_id', 'id']);
            $table->index('machine_id');
        });

        // What devices sent, as it came in; what counts of it is in the logbook.
        Schema::create('device_events', function (Blueprint $table): void {
            $table->integer('seq', true);
            $table->foreignUlid('device_id')->constrained()->restrictOnDelete();
            $table->string('event', 64);
            $table->dateTime('at');
            $table->dateTime('received_at');
            $table->double('total')->nullable();
            $table->string('light', 40)->nullable();
            $table->boolean('lit')->nullable();
            $table->string('status', 10);
            $table->unsignedInteger('series')->default(0);
            $table->unique(['device_id', 'event']);
            $table->index(['device_id', 'status', 'series', 'at']);
        });

        Schema::create('calendar_feeds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->foreignId('made_by')->constrained('users')->cascadeOnDelete();
            $table->string('token_hash', 64)->unique();
            $table->timestamps();
        });

        Schema::table('households', function (Blueprint $table): void {
            $table->unsignedTinyInteger('digest_hour')->default(8);
            $table->unsignedTinyInteger('quiet_from')->default(21);
            $table->unsignedTinyInteger('quiet_to')->default(7);
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('reminders')->default(true);
        });

        Schema::create('digests', function (Blueprint $table): void {
            $table->integer('id', true);
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('day', 10);
            $table->json('tasks');
            $table->dateTime('sent_at');
            $table->unique(['user_id', 'day']);
        });

        // Where mail goes until a household has a mail server: a box inside the application.
        Schema::create('outbox', function (Blueprint $table): void {
            $table->integer('id', true);
            $table->string('to', 190);
            $table->string('subject', 200);
            $table->text('text');
            $table->text('headers');
            $table->dateTime('sent_at');
            $table->index(['to', 'id']);
        });

        DB::unprepared('DROP INDEX entries_care');
        DB::unprepared(
            "CREATE INDEX entries_care ON entries (household_id, happened_at, seq) WHERE kind NOT IN ('counter', 'meter', 'voiding')",
        );
    }

    public function down(): void
    {
        DB::unprepared('DROP INDEX entries_care');
        DB::unprepared("CREATE INDEX entries_care ON entries (household_id, happened_at, seq) WHERE kind NOT IN ('counter', 'voiding')");
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('reminders'));
        Schema::table('households', fn (Blueprint $table) => $table->dropColumn(['digest_hour', 'quiet_from', 'quiet_to']));
        foreach (['outbox', 'digests', 'calendar_feeds', 'device_events', 'devices'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
