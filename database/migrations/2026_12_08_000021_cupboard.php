<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    public function up(): void
    {
        DB::unprepared("CREATE INDEX entries_cupboard ON entries (household_id, seq) WHERE kind IN ('purchase', 'stock', 'disposal')");
    }
};
