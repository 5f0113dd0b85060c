<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use GoodRinse\Core\Trace\Evidence;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A search for what is wrong with a machine: what was noticed, what was answered and tried, and how it ended.
 *
 * @phpstan-type TraceStep array{kind: string, id: string, result: string|null, at: string, entry?: string}
 *
 * @property string $id
 * @property string $household_id
 * @property string $machine_id
 * @property list<array{symptom: string, entry: string}> $symptoms
 * @property list<TraceStep> $steps
 * @property CarbonImmutable $begun_at
 * @property CarbonImmutable|null $ended_at
 * @property string|null $ended_how
 * @property string|null $fixed_by action
 * @property string|null $cause the likeliest that the action removes
 * @property bool|null $held null until somebody says
 * @property CarbonImmutable|null $held_at
 * @property string|null $note what somebody who was called said
 * @property string|null $display what the machine's display or lights showed
 * @property float|null $cost of the call, in the household's money
 * @property Machine $machine
 */
final class Trace extends Model implements BelongsToHousehold
{
    use HasUlids;

    public const ANSWER = 'answer';
    public const FAILED = 'failed';
    public const SKIPPED = 'skipped';

    public const FIXED = 'fixed';
    public const CALLED = 'called';
    public const LEFT = 'left';
    public const LIVES = 'lives';
    public const REPLACED = 'replaced';

    /** Ways in which it can end. */
    public const ENDS = [self::FIXED, self::CALLED, self::LEFT, self::LIVES, self::REPLACED];

    protected $table = 'traces';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'symptoms' => 'array',
            'steps' => 'array',
            'begun_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
            'held' => 'boolean',
            'held_at' => 'immutable_datetime',
            'cost' => 'float',
        ];
    }

    /** @return list<string> ids of what was noticed */
    public function noticed(): array
    {
        return array_map(static fn (array $symptom): string => $symptom['symptom'], $this->symptoms);
    }

    /** @param int|null $first so many of the steps; all when null */
    public function evidence(?int $first = null): Evidence
    {
        $answers = $failed = $skipped = [];
        foreach (array_slice($this->steps, 0, $first) as $step) {
            match ($step['kind']) {
                self::ANSWER => $answers[] = [$step['id'], (string) $step['result']],
                self::FAILED => $failed[] = $step['id'],
                default => $skipped[] = $step['id'],
            };
        }

        return new Evidence($answers, $failed, $skipped);
    }

    public function householdId(): string
    {
        return $this->household_id;
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }
}
