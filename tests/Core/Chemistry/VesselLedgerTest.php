<?php

declare(strict_types=1);

namespace Tests\Core\Chemistry;

use GoodRinse\Core\Chemistry\AgentMeeting;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Chemistry\VesselLedger;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Payload;
use Tests\Core\CoreTestCase;

final class VesselLedgerTest extends CoreTestCase
{
    /** @param list<array{string, Payload}> $happened machine and what, an hour apart */
    private static function ledger(array $happened): VesselLedger
    {
        $ledger = new VesselLedger(self::handbook()->chemistry());
        foreach ($happened as $i => [$machine, $payload]) {
            $ledger->note($machine, new Entry("e$i", $i, new \DateTimeImmutable(sprintf('2026-05-01T%02d:00:00Z', $i)), $payload));
        }

        return $ledger;
    }

    private static function pour(string $agent, string $vessel = 'tub'): Dose
    {
        return new Dose($agent, $vessel, null);
    }

    /** @return list<string> */
    private static function in(VesselLedger $ledger, string $machine, string $vessel = 'tub'): array
    {
        return array_map(static fn (Residue $residue): string => $residue->agent, $ledger->record($machine, $vessel)->residues);
    }

    public function test_what_was_poured_stays_until_it_is_cleared_however_long_ago(): void
    {
        $ledger = self::ledger([
            ['a', self::pour('white-vinegar')],
            ['a', new Note('a year passes')],
            ['a', self::pour('baking-soda')],
            ['a', self::pour('white-vinegar')],
        ]);

        self::assertSame(['white-vinegar', 'baking-soda'], self::in($ledger, 'a'));
        self::assertSame('e0', $ledger->record('a', 'tub')->residues[0]->entry, 'since the first time');
    }

    public function test_only_the_clearing_that_counts_for_a_vessel_clears_it(): void
    {
        self::assertSame(
            ['white-vinegar'],
            self::in(self::ledger([['a', self::pour('white-vinegar')], ['a', new Clearing('tub', 'rinse')]]), 'a'),
            'a rinse clears no tub',
        );
        self::assertSame([], self::in(self::ledger([['a', self::pour('white-vinegar')], ['a', new Clearing('tub', 'plain-cycle')]]), 'a'));
        self::assertSame(['white-vinegar'], self::in(
            self::ledger([['a', self::pour('white-vinegar', 'reservoir')], ['a', new Clearing('reservoir', 'plain-cycle')]]),
            'a',
            'reservoir',
        ));
        self::assertSame(
            [],
            self::in(self::ledger([['a', self::pour('white-vinegar', 'sink')], ['a', new Clearing('sink', 'rinse')]]), 'a', 'sink'),
        );
    }

    public function test_a_tub_belongs_to_its_machine_and_a_sink_to_the_household(): void
    {
        $ledger = self::ledger(
            [['a', self::pour('chlorine-bleach')], ['a', self::pour('chlorine-bleach', 'sink')], ['b', self::pour('lemon', 'bowl')]],
        );

        self::assertSame(
            [[], ['chlorine-bleach'], ['lemon']],
            [self::in($ledger, 'b'), self::in($ledger, 'b', 'sink'), self::in($ledger, 'a', 'bucket')],
        );
    }

    public function test_water_leaves_no_trace(): void
    {
        self::assertSame([], self::in(self::ledger([['a', self::pour('plain-water')]]), 'a'));
    }

    public function test_a_meeting_is_kept_and_is_over_once_the_vessel_is_cleared(): void
    {
        $poured = [['a', self::pour('chlorine-bleach')], ['a', self::pour('white-vinegar')]];
        $met = self::ledger($poured)->record('a', 'tub');
        self::assertTrue($met->hasLiveMeeting());
        self::assertEquals(
            ['chlorine gas', 'chlorine-bleach', 'white-vinegar'],
            [$met->meetings[0]->gives, $met->meetings[0]->first->agent, $met->meetings[0]->second->agent],
        );

        $after = self::ledger([...$poured, ['a', new Clearing('tub', 'plain-cycle')]])->record('a', 'tub');
        self::assertFalse($after->hasLiveMeeting());
        self::assertEquals(
            [false],
            array_map(static fn (AgentMeeting $meeting): bool => $meeting->still, $after->meetings),
            'it happened all the same',
        );
    }
}
