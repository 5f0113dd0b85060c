<?php

declare(strict_types=1);

namespace Tests\Core;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\HandbookLoader;
use PHPUnit\Framework\TestCase;

/** The core by itself, on the handbook as it ships. */
abstract class CoreTestCase extends TestCase
{
    private static ?Handbook $handbook = null;

    protected static function handbook(): Handbook
    {
        return self::$handbook ??= new Handbook((new HandbookLoader(dirname(__DIR__, 2).'/handbook'))->compile());
    }
}
