<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use Tests\TestCase;

/** The kitchen drawn, from one machine to forty. */
final class KitchenTest extends TestCase
{
    public function test_a_place_with_many_machines_takes_the_whole_width_and_each_machine_is_in_it_once(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $rooms = fn (): array => 0 < preg_match_all(
            '/<section class="(tile room[^"]*)".*?<\/section>/s',
            (string) $this->get('/kitchen')->assertOk()->getContent(),
            $found,
        ) ? array_combine($found[0], $found[1]) : [];
        foreach (range(1, 6) as $number) {
            $this->machineOf($user, ['name' => "Flat $number", 'place' => 'Stair A']);
        }
        self::assertSame(['tile room'], array_values($rooms()));
        $this->machineOf($user, ['name' => 'Flat 7', 'place' => 'Stair A']);
        foreach (range(8, 10) as $number) {
            $this->machineOf($user, ['kind' => 'hood', 'name' => "Flat $number", 'place' => 'Stair B', 'traits' => []]);
        }
        $after = $rooms();
        self::assertSame(['tile room room--many', 'tile room'], array_values($after));
        self::assertSame([7, 3], array_map(static fn (string $room): int => substr_count($room, '<li>'), array_keys($after)));
    }
}
