<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('documents', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('household_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('machine_id')->constrained()->restrictOnDelete();
            $table->string('kind', 20);
            $table->string('name', 150);
            $table->string('mime', 60);
            $table->unsignedInteger('bytes');
            $table->string('file', 120);
            $table->foreignId('added_by')->nullable()->constrained('users')->nullOnDelete();
            $table->dateTime('added_at');
        });
    }
};
