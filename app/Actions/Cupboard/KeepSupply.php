<?php

declare(strict_types=1);

namespace App\Actions\Cupboard;

use App\Actions\Logbook\ActionRefused;
use App\Care\Cupboard\SupplyCatalog;
use App\Care\Cupboard\SupplyNames;
use App\Models\Household;
use App\Models\HouseholdSupply;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/** Changes how a household keeps a supply, and adds supplies of its own. */
final readonly class KeepSupply
{
    /** Supplies of its own that a household may have. */
    private const MOST = 200;

    public function __construct(private SupplyCatalog $catalog, private SupplyNames $names)
    {
    }

    /**
     * @param string|null $place where it is kept; null for the kitchen
     * @param Portion|null $beside used beside the jobs, above 0; null for none
     * @param int|null $everyDays in which that much is used, 1 or more
     *
     * @throws UnknownEntry when the household has no such supply
     * @throws ActionRefused when it is given in a unit that does not go into the supply's
     */
    public function handle(Household $household, string $supply, ?string $place, ?Portion $beside, ?int $everyDays): void
    {
        [$kept, $machine] = $this->catalog->find($household, $supply) ?? throw UnknownEntry::named('supply', $supply);
        $amount = null === $beside ? null : $kept->inUnit($beside)
            ?? throw ActionRefused::otherUnit($this->names->of($supply, $machine), $kept->unit->value);
        $both = null !== $amount && null !== $everyDays;
        HouseholdSupply::query()->updateOrCreate(['household_id' => $household->id, 'supply' => $supply], [
            'place' => $place,
            'amount' => $both ? $amount : null,
            'every_days' => $both ? $everyDays : null,
        ]);
    }

    /** Takes a supply of its own out of the cupboard; what was written about it stays in the logbook. */
    public function remove(Household $household, string $supply): void
    {
        HouseholdSupply::query()->where('household_id', $household->id)->where('supply', $supply)->delete();
    }

    /**
     * @param string $name what the household calls it
     * @param float $package that it is sold in, above 0
     *
     * @return string id of the supply: what goes by that name already is not added again
     *
     * @throws ActionRefused when there are too many
     */
    public function add(Household $household, string $name, PortionUnit $unit, float $package): string
    {
        $known = $this->catalog->named($household, $name);
        if (null !== $known) {
            return $known;
        }
        $supply = Supply::ofOwn($name, $unit, $package);
        $there = HouseholdSupply::query()->where('household_id', $household->id);
        if ($there->count() >= self::MOST) {
            throw ActionRefused::tooManySupplies();
        }
        HouseholdSupply::query()->firstOrCreate(
            ['household_id' => $household->id, 'supply' => $supply->id],
            ['unit' => $unit->value, 'package' => $package],
        );

        return $supply->id;
    }
}
