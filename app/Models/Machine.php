<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use GoodRinse\Core\Apart\OwnParts;
use GoodRinse\Core\Apart\OwnWay;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Own\OwnTasks;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A machine in a household, with what tells it apart from others of its kind and how it is used.
 *
 * @property string $id
 * @property string $household_id
 * @property string $kind
 * @property string $name
 * @property string|null $place
 * @property array<string, array{user: int, name: string, on: string}>|null $claims who does which task
 * @property array<string, string> $traits
 * @property array<string, string|float> $habits
 * @property array<string, string> $schools
 * @property array<string, mixed>|null $rhythms what the household wants of each, by care task
 * @property array<string, mixed>|null $apart what the household set right of how parts come off
 * @property string|null $model as its rating label has it
 * @property string|null $serial
 * @property string|null $bought_on as YYYY-MM-DD
 * @property string|null $warranty_until as YYYY-MM-DD
 * @property string|null $retired_on as YYYY-MM-DD; null for one in use
 * @property string|null $retired_how one of RetireMachine::WAYS
 * @property \Carbon\CarbonImmutable|null $forgot_at what was confirmed before is not computed with
 * @property list<array<array-key, mixed>>|null $own_parts parts that the household has added
 * @property list<array<array-key, mixed>>|null $own_tasks care tasks that the household has written itself
 * @property array<string, string>|null $procedure_notes what the household wants to remember, by procedure
 * @property array{price?: float, lasts?: float, left?: float, litres?: float, power?: float}|null $worth price of a new one, years
 *     it lasts, and years this one has left; litres and kilowatt-hours of one run, as its label has them
 * @property array<string, int|string>|null $waits length picked the last time, by what is waited for
 * @property \Carbon\CarbonImmutable|null $created_at
 */
final class Machine extends Model implements BelongsToHousehold
{
    /** @use HasFactory<\Database\Factories\MachineFactory> */
    use HasFactory;
    use HasUlids;

    /** Kind of the kitchen itself: the handbook has no jobs for it, a household writes its own. */
    public const KITCHEN = 'kitchen';

    protected $table = 'machines';

    protected $fillable = [
        'household_id',
        'kind',
        'name',
        'place',
        'traits',
        'habits',
        'schools',
        'rhythms',
        'apart',
        'own_parts',
        'own_tasks',
        'procedure_notes',
        'waits',
        'model',
        'serial',
        'bought_on',
        'warranty_until',
        'retired_on',
        'retired_how',
        'forgot_at',
        'claims',
        'worth',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'traits' => 'array',
            'habits' => 'array',
            'schools' => 'array',
            'rhythms' => 'array',
            'apart' => 'array',
            'own_parts' => 'array',
            'own_tasks' => 'array',
            'procedure_notes' => 'array',
            'waits' => 'array',
            'claims' => 'array',
            'worth' => 'array',
            'created_at' => 'immutable_datetime',
            'forgot_at' => 'immutable_datetime',
        ];
    }

    /** @return array<string, OwnWay> what the household set right of how parts come off, by part */
    public function ownWays(): array
    {
        return array_map(static fn (mixed $own): OwnWay => OwnWay::read(is_array($own) ? $own : []), $this->apart ?? []);
    }

    /** Parts that the household has added. */
    public function ownParts(): OwnParts
    {
        return OwnParts::read($this->own_parts ?? []);
    }

    /** Care tasks that the household has written itself. */
    public function ownTasks(): OwnTasks
    {
        return OwnTasks::read($this->own_tasks ?? []);
    }

    /**
     * Its kind, with what the household has added to it.
     *
     * @throws UnknownEntry when the handbook knows the kind no more
     */
    public function kindIn(Handbook $handbook): MachineKind
    {
        return $handbook->kind($this->kind, $this->ownTasks());
    }

    public function boughtOn(): ?Day
    {
        return null === $this->bought_on ? null : Day::of($this->bought_on);
    }

    /** The last day of its warranty. */
    public function warrantyUntil(): ?Day
    {
        return null === $this->warranty_until ? null : Day::of($this->warranty_until);
    }

    public function householdId(): string
    {
        return $this->household_id;
    }

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(Entry::class);
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        return $this->hasMany(Round::class);
    }

    /** @return HasMany<Document, $this> */
    public function documents(): HasMany
    {
        return $this->hasMany(Document::class);
    }
}
