<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\Progress;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;

/**
 * A cleaning session: the procedure as it was when it began, and what has been ticked since.
 *
 * @property string $id
 * @property string $household_id
 * @property string $machine_id
 * @property string $task
 * @property list<string> $procedures sorted
 * @property array<string, mixed> $script
 * @property array<string, float>|null $expected blocked fraction of each care task's part when it began; null in rounds
 *     of versions that did not keep it
 * @property CarbonImmutable|null $updated_at when what it follows last changed
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $ended_at
 * @property string|null $ended_how
 * @property list<array{kind: string, what: string}>|null $open_ends
 * @property string|null $care_session_id session that it belongs to
 * @property CarbonImmutable|null $settled_at when what it left open was put right
 * @property Machine $machine
 * @property \Illuminate\Database\Eloquent\Collection<int, Tick> $ticks
 */
final class Round extends Model implements BelongsToHousehold
{
    use HasUlids;

    public const FINISHED = 'finished';
    public const STOPPED = 'stopped';

    protected $table = 'rounds';

    protected $guarded = [];

    private ?Handbook $handbook = null;

    private ?Procedure $procedure = null;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'script' => 'array',
            'expected' => 'array',
            'procedures' => 'array',
            'open_ends' => 'array',
            'started_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
            'settled_at' => 'immutable_datetime',
        ];
    }

    public function householdId(): string
    {
        return $this->household_id;
    }

    /** The part of the handbook this round follows, as it was when it began. */
    public function handbook(): Handbook
    {
        return $this->handbook ??= new Handbook($this->script);
    }

    /**
     * The procedure as it was when the round began.
     *
     * @throws UnreadableRound when this version cannot make anything of it
     */
    public function fittedProcedure(): Procedure
    {
        try {
            return $this->read();
        } catch (\RuntimeException|\LogicException|\TypeError $e) {
            throw UnreadableRound::because($e);
        }
    }

    /** Whether this version can show what the round follows, and what has been ticked in it. */
    public function isReadable(): bool
    {
        try {
            $this->progress()->current();

            return true;
        } catch (\RuntimeException|\LogicException|\TypeError) {
            return false;
        }
    }

    private function read(): Procedure
    {
        return $this->procedure ??= $this->handbook()->kind((string) array_key_first($this->handbook()->kindNames()))->procedures->only();
    }

    /** @return list<OpenEnd> what was still apart or untested when it ended */
    public function leftOpen(): array
    {
        return array_map(static fn (array $end): OpenEnd => new OpenEnd($end['kind'], $end['what']), $this->open_ends ?? []);
    }

    /** @throws UnreadableRound when this version cannot make anything of it */
    public function progress(): Progress
    {
        return new Progress(
            $this->fittedProcedure(),
            array_values(DB::table('ticks')->where('round_id', $this->id)->orderBy('seq')->get()->map(Tick::read(...))->all()),
        );
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }

    /** @return HasMany<Tick, $this> */
    public function ticks(): HasMany
    {
        return $this->hasMany(Tick::class)->orderBy('seq');
    }

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(Entry::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }
}
