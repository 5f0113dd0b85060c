<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Files that are read in one sitting: how long they are, how wide, how many in a folder, and no computing in views. */
final class SizesTest extends TestCase
{
    private const LINES = 250;
    private const COLUMNS = 140;
    private const FILES = 20;
    private const ROOTS = ['app', 'bench', 'core', 'database', 'lang', 'resources', 'routes', 'tests'];

    /** @return iterable<string> paths from the project's root */
    private static function files(): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach (self::ROOTS as $folder) {
            foreach (new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS),
            ) as $file) {
                \assert($file instanceof \SplFileInfo);
                if (in_array($file->getExtension(), ['php', 'js', 'mjs', 'scss'], true)) {
                    yield substr($file->getPathname(), strlen($root) + 1);
                }
            }
        }
    }

    public function test_no_file_is_long_or_wide(): void
    {
        $found = [];
        foreach (self::files() as $path) {
            $lines = (array) file(dirname(__DIR__, 2)."/$path", FILE_IGNORE_NEW_LINES);
            if (count($lines) > self::LINES) {
                $found[] = sprintf('%s has %d lines', $path, count($lines));
            }
            foreach ($lines as $i => $line) {
                if (mb_strlen((string) $line) > self::COLUMNS) {
                    $found[] = sprintf('%s:%d has %d columns', $path, $i + 1, mb_strlen((string) $line));
                }
            }
        }
        self::assertSame([], $found);
    }

    public function test_no_folder_holds_more_than_one_can_look_over(): void
    {
        $counts = [];
        foreach (self::files() as $path) {
            $counts[dirname($path)] = ($counts[dirname($path)] ?? 0) + 1;
        }
        unset($counts['database/migrations']);
        self::assertSame([], array_filter($counts, static fn (int $count): bool => $count > self::FILES));
    }

    public function test_views_compute_nothing(): void
    {
        $found = [];
        foreach (self::files() as $path) {
            if (str_ends_with($path, '.blade.php')) {
                $view = (string) file_get_contents(dirname(__DIR__, 2)."/$path");
                preg_match_all('/@php\b|<\?php|\$\w+::[A-Z_]{2,}/', $view, $hits);
                array_push($found, ...array_map(static fn (string $hit): string => "$path: $hit", $hits[0]));
            }
        }
        self::assertSame([], $found);
    }
}
