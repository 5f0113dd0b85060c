<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Order\StepSequencer;
use PHPUnit\Framework\TestCase;

/** One order of several procedures, rule by rule. */
final class StepSequencerTest extends TestCase
{
    /**
     * @param array<string, array<array-key, mixed>> $steps
     * @param array<string, list<string>> $written
     * @param array<string, list<string>> $covers
     *
     * @return list<string>
     */
    private static function order(array $steps, array $written, array $covers = []): array
    {
        $data = [];
        foreach ($steps as $id => $step) {
            $data[$id] = ['id' => $id] + $step;
        }

        return (new StepSequencer($data, $covers))->sequence($written);
    }

    public function test_a_procedure_keeps_the_order_it_is_written_in(): void
    {
        self::assertSame(['a', 'b', 'c'], self::order(['a' => [], 'b' => [], 'c' => []], ['one' => ['a', 'b', 'c']]));
    }

    public function test_steps_that_two_procedures_share_are_done_once(): void
    {
        self::assertSame(
            ['off', 'x', 'y'],
            self::order(['off' => [], 'x' => [], 'y' => []], ['one' => ['off', 'x'], 'two' => ['off', 'y']]),
        );
    }

    public function test_what_covers_a_part_comes_off_before_it(): void
    {
        $steps = ['rack-off' => ['takesOff' => 'rack'], 'arm-off' => ['takesOff' => 'arm']];
        self::assertSame(
            ['rack-off', 'arm-off'],
            self::order($steps, ['arms' => ['arm-off'], 'racks' => ['rack-off']], ['arm' => ['rack']]),
        );
    }

    public function test_the_end_of_a_wait_comes_after_its_beginning_and_after_what_can_be_done_meanwhile(): void
    {
        $steps = ['soak' => ['timer' => ['minutes' => 20]], 'out' => ['waitsFor' => 'soak'], 'wipe' => []];
        self::assertSame(['soak', 'wipe', 'out'], self::order($steps, ['filter' => ['soak', 'out'], 'seal' => ['wipe']]));
    }

    public function test_two_that_contradict_each_other_are_named(): void
    {
        $steps = ['x-off' => ['takesOff' => 'x'], 'y-off' => ['takesOff' => 'y']];
        $this->expectException(OrderConflict::class);
        self::order($steps, ['one' => ['x-off', 'y-off']], ['x' => ['y'], 'y' => ['x']]);
    }
}
