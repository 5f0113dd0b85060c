<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;

/** Procedures done together. */
trait TogetherProcedures
{
    /** @return list<string> */
    private static function ids(Procedure $procedure): array
    {
        return array_map(static fn (Step $step): string => $step->id, $procedure->steps);
    }

    /** @param non-empty-list<string> $ids */
    private static function together(array $ids): Procedure
    {
        $composed = (new Composer(self::handbook()))->compose(
            self::handbook()->kind('dishwasher'),
            ProcedureSet::from($ids),
            new Circumstances(in_array('strip-down', $ids, true) ? ['filter' => 'screwed'] : []),
        );

        return $composed->procedure ?? self::fail('they are for this machine');
    }

    /**
     * What is written between the beginning of a wait and its end stands there.
     *
     * @param array<string, list<string>> $chains what each procedure says, by its name
     */
    private static function assertFillsItsSoaks(Procedure $procedure, array $chains, string $where): void
    {
        $ids = self::ids($procedure);
        $places = array_flip($ids);
        foreach ($chains as $written) {
            foreach ($procedure->steps as $end) {
                $from = array_search($end->waitsFor, $written, true);
                $to = array_search($end->id, $written, true);
                foreach (false === $from || false === $to ? [] : array_slice($written, $from + 1, max(0, $to - $from - 1)) as $meanwhile) {
                    if (isset($places[$meanwhile])) {
                        $order = "$where: ".implode(', ', $ids);
                        self::assertLessThan($places[$end->id], $places[$meanwhile], "$meanwhile comes before $end->id. $order");
                        self::assertGreaterThan($places[$end->waitsFor], $places[$meanwhile], "$meanwhile is done meanwhile. $order");
                    }
                }
            }
        }
    }
}
