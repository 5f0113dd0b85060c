<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Measured\MeshGrid;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Fuzz\RandomArm;

/** Maps, cups and grids are stored whole, and what cannot be is not read back. */
final class MeasuredPayloadsTest extends TestCase
{
    private const ARM = '{"id":"lower","motion":"spins","hitsAt":null,"jets":[[0.5,"top",2.5,0.5]],"stands":[[1,"plates"]]}';

    public function test_any_map_comes_back_as_it_was_stored(): void
    {
        $random = new RandomArm(new Dice(3));
        for ($i = 0; $i < 60; ++$i) {
            $arm = $random->arm(most: 6);
            $fits = [] === array_filter($arm->jets, static fn ($jet): bool => count(array_filter(
                $arm->jets,
                static fn ($other): bool => $other->side === $jet->side && abs($other->place - $jet->place) < 0.02,
            )) > 1);
            if ($fits) {
                $map = new JetMap([$arm], ['lower' => [[0.5, 'plates & “bowls”']]], JetMap::FOUND);
                self::assertEquals($map, EntryKind::Jets->decode($map->toArray()));
            }
        }
    }

    public function test_what_is_blocked_goes_by_area_over_all_arms_and_not_where_they_were_only_drawn(): void
    {
        $map = JetMap::parse('['.self::ARM.']', JetMap::FOUND);

        self::assertSame(0.5, $map->blocked()?->value);
        self::assertNull($map->as(JetMap::DRAWN)->blocked());
    }

    /** @return iterable<string, array{EntryKind, array<string, mixed>}> */
    public static function malformed(): iterable
    {
        $arm = static fn (string $from, string $to): array => [
            EntryKind::Jets,
            ['means' => 'found', 'arms' => '['.str_replace($from, $to, self::ARM).']'],
        ];
        yield 'no arm' => [EntryKind::Jets, ['means' => 'found', 'arms' => '[]']];
        yield 'no list' => [EntryKind::Jets, ['means' => 'found', 'arms' => 'arms']];
        yield 'for nothing' => [EntryKind::Jets, ['means' => 'wished', 'arms' => '['.self::ARM.']']];
        yield 'an arm twice' => [EntryKind::Jets, ['means' => 'found', 'arms' => '['.self::ARM.','.self::ARM.']']];
        yield 'off the arm' => $arm('0.5,"top"', '1.5,"top"');
        yield 'no side' => $arm('"top"', '"tip"');
        yield 'a bore in words' => $arm('2.5,0.5', '"wide",0.5');
        yield 'a hostile id' => $arm('"lower"', '"<b>"');
        yield 'hits at thirteen' => $arm('"spins","hitsAt":null', '"hits","hitsAt":13');
        yield 'a ring beyond the rack' => $arm('[[1,', '[[2,');
        yield 'two jets in one place' => $arm('[[0.5,"top",2.5,0.5]', '[[0.5,"top",2.5,0.5],[0.5,"top",2.5,1]');
        $cup = ['looks' => '[[0,0],[1,200]]', 'cup' => 250.0, 'shape' => 'straight', 'clean' => true];
        yield 'a level above the cup' => [EntryKind::Cup, ['looks' => '[[0,0],[1,251]]'] + $cup];
        yield 'time that runs backwards' => [EntryKind::Cup, ['looks' => '[[1,0],[0,20]]'] + $cup];
        yield 'a cup of nothing' => [EntryKind::Cup, ['cup' => 0.0] + $cup];
        yield 'a single look' => [EntryKind::Cup, ['looks' => '[[0,0]]'] + $cup];
        $grid = ['task' => 'filter', 'photo' => 'x', 'columns' => 4, 'rows' => 2, 'outside' => '0', 'shut' => '1,2'];
        yield 'a cell off the grid' => [EntryKind::Grid, ['shut' => '8'] + $grid];
        yield 'shut and not there' => [EntryKind::Grid, ['shut' => '0'] + $grid];
        yield 'no cell left' => [EntryKind::Grid, ['outside' => '0,1,2,3,4,5,6,7', 'shut' => ''] + $grid];
        yield 'a grid of one' => [EntryKind::Grid, ['columns' => 1] + $grid];
    }

    /** @param array<string, mixed> $stored */
    #[DataProvider('malformed')]
    public function test_what_cannot_be_is_not_read(EntryKind $kind, array $stored): void
    {
        $this->expectException(MalformedEntry::class);
        $kind->decode($stored);
    }

    public function test_a_round_mesh_leaves_its_corners_out(): void
    {
        $grid = MeshGrid::over('filter', 'p', 800, 600, MeshGrid::ROUND, [0, 9, 10, 600]);

        self::assertSame([8, 6], [$grid->columns, $grid->rows]);
        self::assertContains(0, $grid->outside);
        self::assertSame([9, 10], $grid->shut, 'neither a corner nor a cell that is not there counts');
        self::assertSame(2 / (48 - count($grid->outside)), $grid->blocked()->value);
        self::assertEquals($grid, EntryKind::Grid->decode($grid->toArray()));
    }
}
