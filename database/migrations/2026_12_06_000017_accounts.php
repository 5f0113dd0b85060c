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
        Schema::create('memberships', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('household_id')->constrained()->cascadeOnDelete();
            $table->string('role', 10);
            $table->timestamps();
            $table->unique(['user_id', 'household_id']);
            $table->index('household_id');
        });
        $hasKeeper = [];
        foreach (DB::table('users')->whereNotNull('household_id')->orderBy('id')->get(['id', 'household_id', 'created_at']) as $user) {
            DB::table('memberships')->insert([
                'user_id' => $user->id,
                'household_id' => $user->household_id,
                'role' => isset($hasKeeper[$user->household_id]) ? 'member' : 'keeper',
                'created_at' => $user->created_at,
                'updated_at' => $user->created_at,
            ]);
            $hasKeeper[$user->household_id] = true;
        }

        Schema::table('users', function (Blueprint $table): void {
            $table->string('new_email', 190)->nullable();
            $table->text('two_factor_secret')->nullable();
            $table->timestamp('two_factor_at')->nullable();
            $table->unsignedBigInteger('two_factor_step')->nullable();
            $table->text('recovery_codes')->nullable();
            $table->string('origin', 26)->nullable()->unique();
        });

        Schema::create('logins', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('address', 45);
            $table->string('agent', 200);
            $table->timestamp('began_at');
            $table->timestamp('seen_at');
            $table->index('user_id');
        });

        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email', 190)->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });

        Schema::create('security_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('household_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 40);
            $table->string('about', 200)->nullable();
            $table->string('address', 45)->nullable();
            $table->timestamp('at');
            $table->index(['household_id', 'id']);
        });

        // A household that leaves takes its logbook along; nothing else can take anything out of one.
        Schema::table('households', function (Blueprint $table): void {
            $table->boolean('leaving')->default(false);
        });
        AppendOnly::guard('delete', 'EXISTS (SELECT 1 FROM households WHERE households.id = OLD.household_id AND leaving)');
    }
};
