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
}
