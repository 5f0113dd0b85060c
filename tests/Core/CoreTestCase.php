<?php

declare(strict_types=1);

namespace Tests\Core;

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Projection\EntryProjector;
use GoodRinse\Core\Round\Projection\ProjectedEntry;
use GoodRinse\Core\Round\Remark;
use PHPUnit\Framework\TestCase;

/** The core by itself, on the handbook as it ships. */
abstract class CoreTestCase extends TestCase
{
    private static ?Handbook $handbook = null;

    protected static function handbook(): Handbook
    {
        return self::$handbook ??= new Handbook((new HandbookCompiler(dirname(__DIR__, 2).'/handbook'))->compile());
    }

    /**
     * A procedure as a machine of these traits has it.
     *
     * @param array<string, string> $traits
     */
    protected static function fitted(string $kind, string $procedure, array $traits, bool $allowsHarsh = true): Procedure
    {
        $composed = (new Composer(self::handbook()))->compose(
            self::handbook()->kind($kind),
            ProcedureSet::of($procedure),
            new Circumstances($traits, $allowsHarsh),
        );
        self::assertNotNull($composed->procedure, "$procedure is for this machine");

        return (new Handbook(self::handbook()->excerpt($kind, ProcedureSet::of($procedure), $composed->binding)))->kind($kind)
            ->procedures->only();
    }

    /**
     * What follows from the tick of a step.
     *
     * @return list<Payload>
     */
    protected static function entriesAt(string $step, Progress $progress): array
    {
        $entries = array_filter(
            (new EntryProjector(self::handbook()))->project($progress),
            static fn (ProjectedEntry $entry): bool => $entry->step === $step,
        );

        return array_values(array_filter(
            array_map(static fn (ProjectedEntry $entry): Payload|Remark => $entry->payload, $entries),
            static fn (Payload|Remark $payload): bool => $payload instanceof Payload,
        ));
    }
}
