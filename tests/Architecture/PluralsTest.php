<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** No page says "1 minutes": a sentence with a number before what is counted has a form for one. */
final class PluralsTest extends TestCase
{
    use SourceFiles;

    private const LANG = __DIR__.'/../../lang/en';

    private const COUNTED = 'minutes|days|hours|weeks|months|years|checks|entries|steps|jobs|machines|pictures|people|uses|answers|rounds';

    /** Limits that are never one, what is asked twice at least, and sums with a unit. */
    private const NEVER_ONE = [
        'views/components/round/timer.php never_more_than_minutes', 'views/components/round/timer.php longer_than_the_minutes_it_may',
        'rounds.php was_late', 'rounds.php harms', 'tasks.php too_many_lines', 'places/cupboard.php ahead_months',
        'measures.php next', 'measures.php next_now', 'rhythm.php sum_interval',
    ];

    public function test_what_is_counted_has_a_form_for_one(): void
    {
        $found = [];
        foreach (self::files(self::LANG, 'php') as $name => $path) {
            $texts = require $path;
            self::assertIsArray($texts);
            array_walk_recursive($texts, static function (mixed $text, int|string $key) use (&$found, $name): void {
                $counts = is_string($text) && !str_contains($text, '|') && 1 === preg_match('/:\w+ (?:'.self::COUNTED.')\b/', $text);
                if ($counts && !in_array("$name $key", self::NEVER_ONE, true)) {
                    $found[] = "$name $key: $text";
                }
            });
        }
        self::assertSame([], $found);
    }
}
