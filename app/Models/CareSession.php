<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Rounds on several machines that are done together, by one or two people. It goes on as long as one of its rounds does.
 *
 * @property string $id
 * @property string $household_id
 * @property list<int> $people who do it, in the order of their hands
 * @property array{at?: array<string, string>, by?: array<string, int>} $wishes hours at which steps are to begin, and whose
 *     they are, by block
 * @property array{finish: string, order: list<string>} $promise when everything was to be done when the plan
 *     was last made, and machines in the order of their turns; more in sessions of earlier versions
 * @property array<int, array{round: string, since: string}> $turns round that each person is at, and since when they were led there
 * @property CarbonImmutable $started_at
 * @property \Illuminate\Database\Eloquent\Collection<int, Round> $rounds
 */
final class CareSession extends Model implements BelongsToHousehold
{
    use HasUlids;

    /** Pairs of hands that a session has at most. */
    public const MOST_PEOPLE = 2;

    protected $table = 'care_sessions';

    protected $guarded = [];

    protected $attributes = ['turns' => '{}'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['people' => 'array', 'wishes' => 'array', 'promise' => 'array', 'turns' => 'array', 'started_at' => 'immutable_datetime'];
    }

    public function householdId(): string
    {
        return $this->household_id;
    }

    /** @return HasMany<Round, $this> */
    public function rounds(): HasMany
    {
        return $this->hasMany(Round::class);
    }

    /** The one that goes on in a household; null when none does. */
    public static function open(Household $household): ?self
    {
        return self::query()
            ->where('household_id', $household->id)
            ->whereHas('rounds', static fn ($rounds) => $rounds->whereNull('ended_at'))
            ->orderByDesc('id')
            ->first();
    }
}
