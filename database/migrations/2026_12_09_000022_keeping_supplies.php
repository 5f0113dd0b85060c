<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('supplies', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('supply', 100);
            $table->string('unit', 8)->nullable();
            $table->double('package')->nullable();
            $table->string('place', 40)->nullable();
            $table->double('amount')->nullable();
            $table->unsignedInteger('every_days')->nullable();
            $table->timestamps();
            $table->unique(['household_id', 'supply']);
        });
        Schema::table('households', function (Blueprint $table): void {
            $table->double('water_price')->nullable();
            $table->double('power_price')->nullable();
            $table->boolean('counts_time')->default(false);
        });
        Schema::table('machines', function (Blueprint $table): void {
            $table->text('worth')->nullable();
        });
        Schema::table('photos', function (Blueprint $table): void {
            $table->ulid('entry_id')->nullable()->index();
        });
        DB::unprepared('DROP INDEX entries_cupboard');
        DB::unprepared('CREATE INDEX entries_cupboard ON entries (household_id, seq) '
            ."WHERE kind IN ('purchase', 'stock', 'disposal', 'wish', 'part-fitted', 'part-need')");
    }
};
