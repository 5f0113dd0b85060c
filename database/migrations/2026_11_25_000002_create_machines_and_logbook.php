<?php

declare(strict_types=1);

use App\Databases\AppendOnly;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('machines', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->restrictOnDelete();
            $table->string('kind', 40);
            $table->string('name', 60);
            $table->string('place', 60)->nullable();
            $table->json('traits');
            $table->json('habits');
            $table->json('schools');
            $table->timestamps();
            $table->index(['household_id', 'id']);
        });

        Schema::create('rounds', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('machine_id')->constrained()->restrictOnDelete();
            $table->string('task', 40);
            $table->string('procedure', 40);
            $table->json('script');
            $table->foreignId('started_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('started_at');
            $table->dateTime('ended_at')->nullable();
            $table->string('ended_how', 20)->nullable();
            $table->json('open_ends')->nullable();
            $table->timestamps();
            $table->index(['household_id', 'ended_at']);
            $table->index(['machine_id', 'ended_at']);
        });

        Schema::create('ticks', function (Blueprint $table): void {
            $table->integer('seq', true);
            $table->ulid('id')->unique();
            $table->foreignUlid('round_id')->constrained()->restrictOnDelete();
            $table->string('step', 40);
            $table->string('answer', 40)->nullable();
            $table->boolean('overruled')->default(false);
            $table->dateTime('at');
            $table->foreignId('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->index(['round_id', 'seq']);
        });

        // The logbook. Rows are only ever added.
        Schema::create('entries', function (Blueprint $table): void {
            $table->integer('seq', true);
            $table->ulid('id')->unique();
            $table->foreignUlid('household_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('machine_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('part', 40)->nullable();
            $table->string('kind', 20);
            $table->dateTime('happened_at');
            $table->string('zone', 64);
            $table->foreignId('recorded_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('recorded_at');
            $table->json('payload');
            $table->string('source', 20);
            $table->foreignUlid('round_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('step', 40)->nullable();
            $table->ulid('voids')->nullable();
            $table->index(['household_id', 'happened_at', 'seq']);
            $table->index(['machine_id', 'kind', 'happened_at', 'seq']);
            $table->index(['machine_id', 'seq']);
            $table->index('voids');
            $table->index(['round_id', 'step']);
        });

        // What the logbook shows first, without the many counts between.
        DB::unprepared("CREATE INDEX entries_care ON entries (household_id, happened_at, seq) WHERE kind NOT IN ('counter', 'voiding')");
        foreach (['update', 'delete'] as $change) {
            AppendOnly::guard($change);
        }

        Schema::create('photos', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('round_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('step', 40)->nullable();
            $table->string('file', 120);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->foreignId('taken_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('taken_at');
            $table->index(['round_id', 'step']);
        });
    }

    public function down(): void
    {
        foreach (['photos', 'entries', 'ticks', 'rounds', 'machines'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
