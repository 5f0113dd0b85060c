<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Which folder leans on which: as ARCHITECTURE.md draws it, and never in a circle. */
final class ArrowsTest extends TestCase
{
    /** What each folder of the application may lean on in the application; the core is open to all of them. */
    private const ALLOWED = [
        'Databases' => [],
        'Support' => [],
        'Handbook' => [],
        'Models' => [],
        'Policies' => ['Models'],
        'Care' => ['Models', 'Support'],
        'Notifications' => ['Care', 'Models'],
        'Exchange' => ['Care', 'Models', 'Support'],
        'Actions' => ['Care', 'Exchange', 'Models', 'Notifications', 'Support'],
        'Backups' => ['Care', 'Models', 'Support'],
        'View' => ['Backups', 'Care', 'Exchange', 'Models', 'Support'],
        'Outside' => ['Actions', 'Models'],
        'Exceptions' => ['Actions', 'Models', 'Support'],
        'Http' => ['Actions', 'Care', 'Databases', 'Exchange', 'Models', 'Outside', 'Support', 'View'],
        'Console' => ['Actions', 'Backups', 'Care', 'Databases', 'Exchange', 'Handbook', 'Models', 'Outside', 'Support', 'View'],
        'Providers' => ['Handbook', 'Models', 'Outside', 'Policies', 'Databases', 'Support', 'View'],
    ];

    /** Folders below Http, which know nothing of requests and answers. */
    private const BELOW_HTTP = ['Actions', 'Backups', 'Care', 'Exchange', 'Models', 'Notifications', 'View'];

    /** @return array<string, array<string, list<string>>> files by the folder they are in and the folder they lean on */
    private static function arrows(string $root, string $namespace): array
    {
        $arrows = [];
        $folder = dirname(__DIR__, 2)."/$root";
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $path = substr($file->getPathname(), strlen($folder) + 1);
            if (!str_contains($path, '/')) {
                continue;
            }
            $from = strstr($path, '/', true);
            $arrows[$from] ??= [];
            preg_match_all(
                '/(?<![\w\\\\])'.preg_quote($namespace, '/').'\\\\(\w+)\\\\\w/',
                (string) file_get_contents($file->getPathname()),
                $named,
            );
            foreach (array_diff(array_unique($named[1]), [$from]) as $to) {
                $arrows[$from][$to][] = $path;
            }
        }

        return $arrows;
    }

    public function test_each_folder_of_the_application_leans_only_on_what_lies_below_it(): void
    {
        foreach (self::arrows('app', 'App') as $from => $leansOn) {
            self::assertArrayHasKey($from, self::ALLOWED, "app/$from has no place in the order");
            foreach ($leansOn as $to => $files) {
                self::assertContains($to, self::ALLOWED[$from], "app/$from leans on app/$to in ".implode(', ', $files));
            }
        }
    }

    public function test_nothing_leans_in_a_circle(): void
    {
        foreach (['app' => 'App', 'core' => 'GoodRinse\Core'] as $root => $namespace) {
            $arrows = array_map(array_keys(...), self::arrows($root, $namespace));
            do { // what leans on nothing that is left is in no circle
                $free = array_keys(array_filter($arrows, static fn (array $to): bool => [] === array_intersect($to, array_keys($arrows))));
                $arrows = array_diff_key($arrows, array_flip($free));
            } while ([] !== $free);
            self::assertSame([], $arrows, "a circle in $root");
        }
    }

    public function test_nothing_below_http_answers_a_request(): void
    {
        foreach (self::BELOW_HTTP as $folder) {
            $below = dirname(__DIR__, 2)."/app/$folder";
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($below, \FilesystemIterator::SKIP_DOTS)) as $file) {
                \assert($file instanceof \SplFileInfo);
                self::assertDoesNotMatchRegularExpression(
                    '/\babort(_if|_unless)?\(|\bredirect\(|\brequest\(|Illuminate\\\\Http\\\\(Request|RedirectResponse)/',
                    (string) file_get_contents($file->getPathname()),
                    $file->getPathname(),
                );
            }
        }
    }
}
