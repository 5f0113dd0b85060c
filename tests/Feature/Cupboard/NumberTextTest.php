<?php

declare(strict_types=1);

namespace Tests\Feature\Cupboard;

use App\Support\NumberText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Numbers as people write them. */
final class NumberTextTest extends TestCase
{
    #[DataProvider('typed')]
    public function test_it_is_read_as_it_was_meant(string $typed, string $number): void
    {
        self::assertSame($number, NumberText::normal($typed));
    }

    /** @return list<array{string, string}> */
    public static function typed(): array
    {
        return [
            ['3,50', '3.50'], ['3.5', '3.5'], ['1.234,50', '1234.50'], ['1,234.50', '1234.50'], [' 12 ', '12'],
            ["1\u{202F}000,5", '1000.5'],
            ['-3', '-3'], ['a lot', 'a lot'], ['', ''], ['1,2,3', '1,2,3'], ['1.2.3', '1.2.3'], [',5', '.5'], ['3,', '3.'],
        ];
    }
}
