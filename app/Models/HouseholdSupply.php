<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * How a household keeps a supply: where, and what it uses of it beside the jobs; and supplies of its own.
 *
 * @property string $id
 * @property string $household_id
 * @property string $supply id
 * @property string|null $unit of a supply of its own
 * @property float|null $package of a supply of its own, in its unit
 * @property string|null $place where it is kept; null for the kitchen
 * @property float|null $amount used beside the jobs, in the supply's unit
 * @property int|null $every_days in which that much is used
 */
final class HouseholdSupply extends Model implements BelongsToHousehold
{
    use HasUlids;

    protected $table = 'supplies';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['package' => 'float', 'amount' => 'float', 'every_days' => 'integer'];
    }

    /** @return array<string, self> of a household, by supply */
    public static function of(Household $household): array
    {
        $kept = [];
        foreach (self::query()->where('household_id', $household->id)->orderBy('supply')->get() as $each) {
            $kept[$each->supply] = $each;
        }

        return $kept;
    }

    public function householdId(): string
    {
        return $this->household_id;
    }
}
