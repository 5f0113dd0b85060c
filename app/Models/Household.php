<?php

declare(strict_types=1);

namespace App\Models;

use GoodRinse\Core\Quantity\Measures;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * People who share a kitchen, and their time zone and measures.
 *
 * @property string   $id
 * @property string   $name
 * @property string   $timezone
 * @property Measures $measures
 */
final class Household extends Model
{
    /** @use HasFactory<\Database\Factories\HouseholdFactory> */
    use HasFactory;
    use HasUlids;

    protected $table = 'households';

    protected $fillable = ['name', 'timezone', 'measures'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['measures' => Measures::class];
    }

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->timezone);
    }

    /** @return HasMany<User, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Machine, $this> */
    public function machines(): HasMany
    {
        return $this->hasMany(Machine::class);
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

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }
}
