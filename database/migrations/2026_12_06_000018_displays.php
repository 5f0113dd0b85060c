<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('calendar_feeds', function (Blueprint $table): void {
            $table->string('reader', 10)->default('calendar');
            $table->string('asked_as', 26)->nullable()->unique();
        });
        Schema::table('invitations', function (Blueprint $table): void {
            $table->string('asked_as', 26)->nullable()->unique();
        });
    }
};
