<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Models\Entry;
use App\Models\Household;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use Psr\Clock\ClockInterface;

/** What the demo household has bought, and looked at since. */
final readonly class DemoCupboard
{
    public function __construct(private WriteEntries $write, private ClockInterface $clock)
    {
    }

    public function load(Household $home): void
    {
        $this->write->handle($home, null, [
            $this->draft($home, 75, new Purchase('baking-soda', Portion::of(500, PortionUnit::Grams), 2, 3.2, 'Corner shop')),
            $this->draft($home, 62, new Purchase('dishwasher-detergent', Portion::of(60, PortionUnit::Pieces), 1, 9.9)),
            $this->draft($home, 40, new Purchase('white-vinegar', Portion::of(1000, PortionUnit::Millilitres), 3, 4.2, 'Corner shop')),
            $this->draft($home, 33, new Purchase('dish-soap', Portion::of(500, PortionUnit::Millilitres), 1, 1.8)),
            $this->draft($home, 6, new StockLook('dish-soap', Portion::of(180, PortionUnit::Millilitres))),
            $this->draft($home, 6, new StockLook('white-vinegar', Portion::of(1600, PortionUnit::Millilitres))),
        ]);
    }

    private function draft(Household $home, int $daysAgo, Payload $payload): EntryDraft
    {
        $day = Day::at($this->clock->now(), $home->zone())->plus(-$daysAgo);

        return new EntryDraft($payload, $day->atTime(17, 20, $home->zone()), Entry::BY_DEMO);
    }
}
