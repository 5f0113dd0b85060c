<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What a browser calls a request that it may send twice. */
return new class extends Migration {
    public function up(): void
    {
        foreach (['calendar_feeds', 'invitations'] as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->renameColumn('asked_as', 'request_id'));
        }
    }
};
