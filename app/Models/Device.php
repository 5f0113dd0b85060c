<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A counter that sends what it counts. Only a hash of its token is kept; a simulated one's token is also kept
 * sealed, so that the simulator can use it.
 *
 * @property string $id
 * @property string $household_id
 * @property string $machine_id
 * @property string $name
 * @property string|null $token_hash null when it was revoked
 * @property string|null $token_sealed
 * @property bool $simulated
 * @property int $series goes up when it is replaced or set back
 * @property CarbonImmutable|null $last_seen_at
 * @property int $clock_ahead seconds its clock was ahead when last heard of
 * @property CarbonImmutable|null $created_at
 * @property Machine $machine
 * @property Household $household
 */
final class Device extends Model implements BelongsToHousehold
{
    use HasUlids;

    protected $table = 'devices';

    protected $fillable = [
        'household_id',
        'machine_id',
        'name',
        'token_hash',
        'token_sealed',
        'simulated',
        'series',
        'last_seen_at',
        'clock_ahead',
    ];

    protected $attributes = ['simulated' => false, 'series' => 0, 'clock_ahead' => 0];

    protected $hidden = ['token_hash', 'token_sealed'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'simulated' => 'boolean',
            'last_seen_at' => 'immutable_datetime',
            'token_sealed' => 'encrypted',
            'created_at' => 'immutable_datetime',
        ];
    }

    public static function hash(#[\SensitiveParameter] string $token): string
    {
        return hash('sha256', $token);
    }

    /** The device that a token belongs to; null when none does. */
    public static function byToken(#[\SensitiveParameter] string $token): ?self
    {
        return '' === $token ? null : self::query()->with(['machine', 'household'])->where('token_hash', self::hash($token))->first();
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

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }

    /** @return HasMany<DeviceEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(DeviceEvent::class);
    }
}
