<?php

declare(strict_types=1);

namespace App\View\Pages\Household;

use App\Care\StartPreview;
use App\Models\Household;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Simulation\TestStrip;
use Psr\Clock\ClockInterface;

/** How hard the water is, read off a strip or a number, with what would move. */
final readonly class WaterPage
{
    public function __construct(private StartPreview $whatIf, private Handbook $handbook, private ClockInterface $clock)
    {
    }

    /**
     * @param bool $tried whether a hardness is to be tried
     * @param bool $dip whether the simulated strip is dipped
     */
    public function for(Household $household, bool $tried, ?float $hardness, string $unit, bool $dip): WaterData
    {
        $doses = $this->handbook->doseModel();

        return new WaterData(
            household: $household,
            strip: $doses->strip,
            units: (new Descaling($doses))->hardnessUnits(),
            turned: $dip ? (new TestStrip($doses))->dip(crc32($household->id)) : null,
            tried: $tried,
            hardness: $hardness,
            unit: $unit,
            today: Day::at($this->clock->now(), $household->zone()),
            moved: $tried ? $this->whatIf->watered($household, $hardness, $unit) : null,
        );
    }
}
