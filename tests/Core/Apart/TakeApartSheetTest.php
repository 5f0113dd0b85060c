<?php

declare(strict_types=1);

namespace Tests\Core\Apart;

use GoodRinse\Core\Apart\OwnWay;
use GoodRinse\Core\Apart\SheetLine;
use GoodRinse\Core\Apart\TakeApartSheet;
use GoodRinse\Core\Round\Kit\KitItem;
use GoodRinse\Core\Round\Kit\KitList;
use Tests\Core\CoreTestCase;

final class TakeApartSheetTest extends CoreTestCase
{
    private const SCREWED = [
        'filter' => 'screwed',
        'arms' => 'two',
        'screws' => '6',
        'longScrews' => '3',
        'bit' => 'cross-2',
        'lowerLock' => 'nut',
    ];

    /**
     * @param array<string, string> $traits
     * @param array<string, OwnWay> $own
     */
    private static function line(string $part, array $traits = self::SCREWED, array $own = []): SheetLine
    {
        return (new TakeApartSheet(self::handbook()->kind('dishwasher'), $traits, $own))->line($part) ?? self::fail("$part comes off");
    }

    public function test_it_says_how_each_part_is_held_on_this_machine(): void
    {
        self::assertSame(['6 cover screws'], self::line('cover')->comesAlong());
        self::assertSame(['6 cover screws (short, cross 2, round the rim)'], self::line('cover')->inFull());
        self::assertSame('nut', self::line('lower-arm')->holding->by);
        self::assertSame(['hub nut', 'bushing'], self::line('lower-arm')->comesAlong());
        self::assertSame('quarter-turn', self::line('filter', ['filter' => 'twist-out'])->holding->by);
        self::assertSame('screws', self::line('cover')->holding->pieces[0]->countTrait);
    }

    public function test_what_the_household_knows_better_counts(): void
    {
        $own = ['lower-arm' => new OwnWay(['hub-nut' => 2], 'paper washer, spring', 'arrow to the door', 'left-hand thread')];
        $line = self::line('lower-arm', self::SCREWED, $own);

        self::assertSame(['2 hub nuts', 'paper washer', 'spring'], $line->comesAlong());
        self::assertSame('arrow to the door', $line->holding->way);
        self::assertSame('left-hand thread', $line->own->note);
        self::assertSame(
            ['bushing'],
            self::line('lower-arm', self::SCREWED, ['lower-arm' => new OwnWay(['hub-nut' => 0])])->comesAlong(),
            'a piece that is not there',
        );
        self::assertEquals($own['lower-arm'], OwnWay::read($own['lower-arm']->toArray()));
        self::assertTrue(OwnWay::read([])->isEmpty());
    }

    public function test_the_traits_that_say_how_a_part_is_held_are_known(): void
    {
        self::assertSame(['screws', 'bit'], self::line('cover')->traits());
        self::assertSame(['lowerLock'], self::line('lower-arm')->traits());
        self::assertSame([], self::line('lower-rack')->traits());
    }

    public function test_only_parts_that_come_off_this_machine_are_on_it(): void
    {
        $parts = array_keys(
            (new TakeApartSheet(self::handbook()->kind('dishwasher'), ['filter' => 'twist-out', 'arms' => 'one']))->lines(),
        );

        self::assertContains('filter', $parts);
        self::assertSame([], array_intersect($parts, ['cover', 'upper-arm', 'top-arm', 'vent', 'label']));
    }

    public function test_the_kit_follows_from_how_the_parts_are_held(): void
    {
        $kind = self::handbook()->kind('dishwasher');
        $kit = fn (array $traits): array => KitList::of(
            self::fitted('dishwasher', 'strip-down', $traits),
            [],
            new TakeApartSheet($kind, $traits),
        )->items;
        $of = static fn (array $items, string $id): ?KitItem => array_values(array_filter(
            $items,
            static fn (KitItem $item): bool => $item->id === $id,
        ))[0] ?? null;

        self::assertSame(['6 cover screws', '3 long screws'], $of($kit(self::SCREWED), 'driver')?->for);
        self::assertNotNull($of($kit(self::SCREWED), 'dish'));
        self::assertSame(['hub screw'], $of($kit(['lowerLock' => 'screw'] + self::SCREWED), 'driver-flat')?->for);
        self::assertNull($of($kit(self::SCREWED), 'driver-flat'));
    }
}
