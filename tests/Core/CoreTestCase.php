<?php

declare(strict_types=1);

namespace Tests\Core;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\HandbookLoader;
use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use PHPUnit\Framework\TestCase;

/** The core by itself, on the handbook as it ships. */
abstract class CoreTestCase extends TestCase
{
    private static ?Handbook $handbook = null;

    protected static function handbook(): Handbook
    {
        return self::$handbook ??= new Handbook((new HandbookLoader(dirname(__DIR__, 2).'/handbook'))->compile());
    }

    /**
     * A procedure as a machine of these traits has it.
     *
     * @param array<string, string> $traits
     */
    protected static function fitted(string $kind, string $procedure, array $traits, bool $allowsHarsh = true): Procedure
    {
        $composed = (new Composer(self::handbook()))->compose(self::handbook()->kind($kind), $procedure, new Circumstances($traits, $allowsHarsh));
        self::assertNotNull($composed->procedure, "$procedure is for this machine");

        return (new Handbook(self::handbook()->excerpt($kind, $procedure, $composed->fitting)))->kind($kind)->procedure($procedure);
    }
}
