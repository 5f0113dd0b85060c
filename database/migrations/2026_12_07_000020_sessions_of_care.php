<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('care_sessions', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->text('people');
            $table->text('wishes')->default('{}');
            $table->text('promise');
            $table->text('turns')->default('{}');
            $table->timestamp('started_at');
            $table->timestamps();
            $table->index('household_id');
        });
        Schema::table('rounds', function (Blueprint $table): void {
            // Without a constraint: SQLite would have to write the whole table anew for one.
            $table->ulid('care_session_id')->nullable()->index();
        });
        Schema::table('households', function (Blueprint $table): void {
            $table->boolean('quiet_machines')->default(false);
            $table->text('session_rule')->nullable();
        });
    }
};
