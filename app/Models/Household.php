<?php

declare(strict_types=1);

namespace App\Models;

use GoodRinse\Core\Quantity\Measures;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * People who share a kitchen, and their time zone and measures.
 *
 * @property string $id
 * @property string $name
 * @property string $timezone
 * @property Measures $measures
 * @property bool $harsh_chemicals whether it uses bleach and strong degreasers at all
 * @property float $vinegar_strength % of the vinegar it buys
 * @property float|null $hardness of its water, in hardness_unit; null when nobody knows
 * @property string $hardness_unit
 * @property float $hour_value what an hour of a person's time is worth, in its money
 * @property float $call_fee what it costs to have somebody come
 * @property float|null $water_price of a cubic metre, drain included, in its money; null when nobody has said
 * @property float|null $power_price of a kilowatt-hour
 * @property bool $counts_time whether its own time counts as a cost
 * @property string|null $currency sign of its money; null when nobody has said
 * @property int $digest_hour hour at which its members are reminded by mail, 0 to 23
 * @property string $calendar_kind one of CALENDAR_KINDS
 * @property bool $quiet_machines whether plans run no machine in the quiet hours either
 * @property array{mode: string, which: int, weekday: int, minutes: int, on: string, days: array<string, string>}|null $session_rule how
 *     it wants its sessions, and when tasks were to be done when it said so
 * @property int $quiet_from hour from which no mail is sent
 * @property int $quiet_to hour until which no mail is sent; the same as quiet_from for never quiet
 */
final class Household extends Model
{
    /** @use HasFactory<\Database\Factories\HouseholdFactory> */
    use HasFactory;
    use HasUlids;

    /** What its calendar has for each task. */
    public const BOTH = 'both';
    public const EVENTS = 'events';
    public const TODOS = 'todos';
    public const CALENDAR_KINDS = [self::BOTH, self::EVENTS, self::TODOS];

    /** Rules a household starts with, as the table has them. */
    protected $attributes = [
        'harsh_chemicals' => true,
        'vinegar_strength' => 5,
        'hardness' => null,
        'hardness_unit' => 'dH',
        'hour_value' => 15,
        'call_fee' => 120,
        'currency' => null,
        'water_price' => null,
        'power_price' => null,
        'counts_time' => false,
        'digest_hour' => 8,
        'quiet_from' => 21,
        'quiet_to' => 7,
        'quiet_machines' => false,
        'session_rule' => null,
        'calendar_kind' => self::BOTH,
    ];

    protected $table = 'households';

    protected $fillable = [
        'name',
        'timezone',
        'measures',
        'harsh_chemicals',
        'vinegar_strength',
        'hardness',
        'hardness_unit',
        'hour_value',
        'call_fee',
        'currency',
        'water_price',
        'power_price',
        'counts_time',
        'digest_hour',
        'quiet_from',
        'quiet_to',
        'quiet_machines',
        'session_rule',
        'calendar_kind',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'measures' => Measures::class,
            'harsh_chemicals' => 'boolean',
            'quiet_machines' => 'boolean',
            'session_rule' => 'array',
            'vinegar_strength' => 'float',
            'hardness' => 'float',
            'hour_value' => 'float',
            'call_fee' => 'float',
            'water_price' => 'float',
            'power_price' => 'float',
            'counts_time' => 'boolean',
        ];
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->timezone);
    }

    /** @return BelongsToMany<User, $this> */
    public function members(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'memberships');
    }

    /**
     * @param array<array-key, int|null> $writers of lines, who may belong to it no longer or have no account here
     *
     * @return array<array-key, mixed> names of these and of everybody who belongs to it, by id
     */
    public function names(array $writers): array
    {
        return User::query()
            ->whereIn('id', Membership::query()->select('user_id')->where('household_id', $this->id))
            ->orWhereIn('id', array_unique(array_filter($writers)))
            ->orderBy('id')
            ->pluck('name', 'id')
            ->all();
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }

    /** @return HasMany<Machine, $this> */
    public function machines(): HasMany
    {
        return $this->hasMany(Machine::class);
    }

    /** @return HasMany<Machine, $this> those in use */
    public function activeMachines(): HasMany
    {
        return $this->machines()->whereNull('retired_on');
    }

    /** @return HasMany<HouseholdSupply, $this> how it keeps its supplies */
    public function supplies(): HasMany
    {
        return $this->hasMany(HouseholdSupply::class);
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        return $this->hasMany(Round::class);
    }

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(Entry::class);
    }

    /** @return HasMany<Trace, $this> */
    public function traces(): HasMany
    {
        return $this->hasMany(Trace::class);
    }

    /** @return HasMany<Device, $this> */
    public function devices(): HasMany
    {
        return $this->hasMany(Device::class);
    }

    /** @return HasMany<CalendarFeed, $this> */
    public function feeds(): HasMany
    {
        return $this->hasMany(CalendarFeed::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }
}
