<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Logbook\Payload\Stock\Wish;
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
        $ml = static fn (float $much): Portion => Portion::of($much, PortionUnit::Millilitres);
        $grams = static fn (float $much): Portion => Portion::of($much, PortionUnit::Grams);
        $cartridge = Supply::partId($this->machine($home, 'Bench Cup')->id, 'cartridge');
        $home->update(['water_price' => 4.2, 'power_price' => 0.31]);
        foreach (['chlorine-bleach' => 'Cellar', Supply::ownId('Dishwasher tabs for the guests') => 'Cabin'] as $supply => $place) {
            $home->supplies()->create(['supply' => $supply, 'place' => $place, 'unit' => 'pieces', 'package' => 20]);
        }
        $this->write->handle($home, null, [
            ...$this->descaled($home, 'Morning Pot', 600),
            ...$this->descaled($home, 'Bench Cup', 950),
            $this->draft($home, 335, self::bought('white-vinegar', $ml(1000), 6, 7.8, 'Corner shop')),
            $this->draft($home, 230, self::bought('chlorine-bleach', $ml(1000), 1, 1.9, 'Corner shop')),
            $this->draft($home, 205, self::bought('white-vinegar', $ml(1000), 4, 5.4, 'Corner shop')),
            $this->draft($home, 190, self::bought('citric-acid', $grams(500), 1, 4.9, 'Mill Lane chemist')),
            $this->draft($home, 120, self::bought($cartridge, Portion::of(1, PortionUnit::Pieces), 2, 17.8)),
            $this->draft($home, 75, self::bought('baking-soda', $grams(500), 2, 3.2, 'Corner shop')),
            $this->draft($home, 62, self::bought('dishwasher-detergent', Portion::of(60, PortionUnit::Pieces), 1, 9.9)),
            $this->draft($home, 40, self::bought('white-vinegar', $ml(1000), 3, 4.2, 'Corner shop')),
            $this->draft($home, 33, self::bought('dish-soap', $ml(500), 1, 1.8)),
            $this->draft($home, 6, new StockLook('dish-soap', $ml(180))),
            $this->draft($home, 1, new StockLook('white-vinegar', $ml(900))),
            $this->draft($home, 6, new StockLook($cartridge, Portion::of(1, PortionUnit::Pieces))),
            $this->draft($home, 2, new Wish(Supply::ofTool('soft-brush')->id)),
        ]);
    }

    private static function bought(string $supply, Portion $package, int $count, float $price, ?string $shop = null): Purchase
    {
        return new Purchase($supply, $package, $count, $price, $shop, '€');
    }

    /**
     * What went in when a brewer was descaled, and out of it again with two plain brews.
     *
     * @return list<EntryDraft>
     */
    private function descaled(Household $home, string $machine, float $ml): array
    {
        $brewer = $this->machine($home, $machine);
        $drafts = [];
        foreach ($brewer->entries()->where('kind', EntryKind::Opening)->where('payload->task', 'descale')->get() as $entry) {
            $at = $entry->happened_at->toDateTimeImmutable();
            if ($at < $this->clock->now()->modify('-2 days')) {
                $vinegar = new Dose('white-vinegar', 'reservoir', Portion::of($ml, PortionUnit::Millilitres), 5.0);
                $drafts[] = new EntryDraft($vinegar, $at, Entry::BY_DEMO, $brewer);
                $drafts[] = new EntryDraft(new Clearing('reservoir', 'plain-brews'), $at->modify('+40 minutes'), Entry::BY_DEMO, $brewer);
            }
        }

        return $drafts;
    }

    private function machine(Household $home, string $name): Machine
    {
        return $home->machines()->where('name', $name)->firstOrFail();
    }

    private function draft(Household $home, int $daysAgo, Payload $payload): EntryDraft
    {
        $day = Day::at($this->clock->now(), $home->zone())->plus(-$daysAgo);

        $part = $payload instanceof Purchase || $payload instanceof StockLook ? Supply::partOf($payload->supply) : null;

        return new EntryDraft(
            $payload,
            $day->atTime(17, 20, $home->zone()),
            Entry::BY_DEMO,
            null === $part ? null : $this->machine($home, 'Bench Cup'),
            $part[1] ?? null,
        );
    }
}
