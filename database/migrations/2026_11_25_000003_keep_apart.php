<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('households', function (Blueprint $table): void {
            $table->boolean('harsh_chemicals')->default(true);
            $table->float('vinegar_strength')->default(5);
            $table->float('hardness')->nullable();
            $table->string('hardness_unit', 10)->default('dH');
        });
        Schema::table('ticks', function (Blueprint $table): void {
            $table->float('share')->default(1);
            $table->float('strength')->nullable();
        });

        // What vessels hold follows from these alone.
        DB::unprepared("CREATE INDEX entries_vessels ON entries (household_id, seq) WHERE kind IN ('dose', 'clearing', 'voiding')");

        foreach (DB::table('rounds')->get(['id', 'task', 'script']) as $round) {
            DB::table('rounds')->where('id', $round->id)->update(
                ['script' => json_encode(
                    $this->asRead($round->script, $round->task),
                    JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE,
                )],
            );
        }
    }

    public function down(): void
    {
        DB::unprepared('DROP INDEX entries_vessels');
        Schema::table('ticks', fn (Blueprint $table) => $table->dropColumn(['share', 'strength']));
        Schema::table(
            'households',
            fn (Blueprint $table) => $table->dropColumn(['harsh_chemicals', 'vinegar_strength', 'hardness', 'hardness_unit']),
        );
    }

    /**
     * Scripts of earlier rounds did not say of which task a grade is, and named vessels without their walls.
     *
     * @return array<string, mixed>
     */
    private function asRead(string $json, string $task): array
    {
        /** @var array{kinds: list<array{kind: array<string, mixed>, steps: list<array<string, mixed>>}>} $script */
        $script = json_decode($json, true, 512, JSON_THROW_ON_ERROR);
        foreach ($script['kinds'] as $i => $kind) {
            $script['kinds'][$i]['kind']['vessels'] = [];
            foreach ($kind['steps'] as $j => $step) {
                if (is_array($step['capture'] ?? null) && 'grade' === $step['capture']['kind']) {
                    $script['kinds'][$i]['steps'][$j]['capture']['of'] = $task;
                }
            }
        }

        return $script;
    }
};
