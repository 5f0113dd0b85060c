<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** What scripts show lies in lang/ as well; the page that runs them carries it. */
final class ScriptWordsTest extends TestCase
{
    use SourceFiles;

    private const SCRIPTS = __DIR__.'/../../resources/js';

    /** What a machine reads: remarks, paths of modules, selectors, classes of styles, names that are thrown or stored. */
    private const MACHINE = '/^import .*$|(?:^|\s)\/\/.*$|(?:querySelector(?:All)?|matches|closest)\([^)]*\)'
        .'|className[:=] .*$|new Error\(.*\)/m';

    /** Paths of drawings and values of CSS. */
    private const DRAWN = '/^(?:M\$|inset\(|translate)|[<>{}=]|^ahead of|^good-rinse /';

    /** Keys of a keyboard and of what a browser sends. */
    private const NAMES = ['Enter', 'Escape', 'Delete', 'Backspace', 'Accept', 'Home', 'Notification', 'Space'];

    public function test_scripts_hold_no_words(): void
    {
        $found = [];
        foreach (self::scripts() as $file => $code) {
            preg_match_all('/([\'"`])((?:(?!\1)[^\\\\\n]|\\\\.)*)\1/', (string) preg_replace(self::MACHINE, '', $code), $literals);
            foreach ($literals[2] as $text) {
                $plain = (string) preg_replace('/\$\{[^}]*\}/', ' ', $text);
                $reads = 1 === preg_match('/[A-Za-z]{2,} [a-z]{2,}|^[A-Z][a-z]{3,}[.!:]? *$/', $plain);
                if ($reads && 1 !== preg_match(self::DRAWN, $text) && !in_array($text, self::NAMES, true)) {
                    $found[] = "$file: $text";
                }
            }
        }

        self::assertSame([], $found);
    }

    public function test_every_message_that_a_script_names_is_there_and_every_one_is_used(): void
    {
        $named = [];
        foreach (self::scripts() as $code) {
            preg_match_all("/\\bwords\\('(\\w+)'/", $code, $calls);
            $named += array_fill_keys($calls[1], true);
        }
        $there = [];
        foreach ((array) require dirname(__DIR__, 2).'/lang/en/places/scripts.php' as $part) {
            self::assertIsArray($part);
            self::assertSame([], array_intersect_key($there, $part), 'a page may carry several parts, so each key is in one of them');
            $there += $part;
        }

        self::assertSame([], array_keys(array_diff_key($named, $there)), 'named, and not there');
        self::assertSame([], array_keys(array_diff_key($there, $named)), 'there, and not named');
    }

    /** @return array<string, string> by path under resources/js */
    private static function scripts(): array
    {
        return array_map(static fn (string $path): string => (string) file_get_contents($path), self::files(self::SCRIPTS, 'js'));
    }
}
