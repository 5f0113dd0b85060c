<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('traces', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('machine_id')->constrained()->restrictOnDelete();
            $table->json('symptoms');
            $table->json('steps');
            $table->dateTime('begun_at');
            $table->dateTime('ended_at')->nullable();
            $table->string('ended_how', 10)->nullable();
            $table->string('fixed_by', 40)->nullable();
            $table->string('cause', 40)->nullable();
            $table->boolean('held')->nullable();
            $table->dateTime('held_at')->nullable();
            $table->timestamps();
            $table->index(['household_id', 'ended_at']);
            $table->index(['machine_id', 'id']);
        });
        Schema::table('households', function (Blueprint $table): void {
            $table->float('hour_value')->default(15);
            $table->float('call_fee')->default(120);
        });
        Schema::table('machines', function (Blueprint $table): void {
            $table->string('model', 60)->nullable();
            $table->string('serial', 60)->nullable();
            $table->dateTime('forgot_at')->nullable();
        });
        Schema::table('photos', function (Blueprint $table): void {
            $table->foreignUlid('trace_id')->nullable()->constrained()->restrictOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('machines', fn (Blueprint $table) => $table->dropColumn(['model', 'serial', 'forgot_at']));
        Schema::table('households', fn (Blueprint $table) => $table->dropColumn(['hour_value', 'call_fee']));
        Schema::table('photos', fn (Blueprint $table) => $table->dropColumn('trace_id'));
        Schema::dropIfExists('traces');
    }
};
