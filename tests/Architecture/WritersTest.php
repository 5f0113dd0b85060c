<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** What the static rules cannot see: calls by name. */
final class WritersTest extends TestCase
{
    private const WRITING = [
        'save',
        'create',
        'update',
        'delete',
        'insert',
        'forceFill',
        'associate',
        'upsert',
        'push',
        'touch',
        'increment',
    ];
    private const FORBIDDEN_IN_CORE = [
        'config',
        'app',
        'now',
        'env',
        'cache',
        'resolve',
        'time',
        'microtime',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'uniqid',
        'file_put_contents',
        'error_log',
        'collect',
        'trans',
        '__',
    ];

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(dirname(__DIR__, 2)."/$folder", \FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                $files[] = $file->getPathname();
            }
        }

        return $files;
    }

    /**
     * Names called in a file, as methods (after an arrow) or as plain functions.
     *
     * @return list<array{string, bool, int}> name, whether a method, line
     */
    private static function calls(string $path): array
    {
        $tokens = array_values(array_filter(
            \PhpToken::tokenize((string) file_get_contents($path)),
            static fn (\PhpToken $token): bool => !$token->isIgnorable(),
        ));
        $calls = [];
        foreach ($tokens as $i => $token) {
            if ($token->is(T_STRING) && '(' === ($tokens[$i + 1]->text ?? '')) {
                $before = $tokens[$i - 1] ?? null;
                if (null === $before || !$before->is([T_FUNCTION, T_NEW, T_DOUBLE_COLON])) {
                    $calls[] = [
                        $token->text,
                        null !== $before && $before->is([T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR]),
                        $token->line,
                    ];
                }
            }
        }

        return $calls;
    }

    public function test_only_actions_write(): void
    {
        foreach ([
            ...self::files('app/Http'),
            ...self::files('app/View'),
            ...self::files('app/Care'),
            ...self::files('app/Models'),
            ...self::files('app/Policies'),
        ] as $path) {
            foreach (self::calls($path) as [$name, $isMethod, $line]) {
                self::assertFalse($isMethod && in_array($name, self::WRITING, true), "$path:$line writes with $name()");
            }
        }
    }

    public function test_the_core_has_no_clock_no_chance_and_no_framework_helpers(): void
    {
        foreach (self::files('core') as $path) {
            foreach (self::calls($path) as [$name, $isMethod, $line]) {
                self::assertFalse(!$isMethod && in_array($name, self::FORBIDDEN_IN_CORE, true), "$path:$line calls $name()");
            }
        }
    }

    public function test_views_compute_no_rule_of_the_job(): void
    {
        $folder = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/views', \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($folder as $file) {
            \assert($file instanceof \SplFileInfo);
            self::assertDoesNotMatchRegularExpression(
                '/RhythmEngine|IntervalLearner|TaskClocks|EntryProjector|DB::|::query\(/',
                (string) file_get_contents($file->getPathname()),
                $file->getPathname(),
            );
        }
    }

    public function test_every_public_method_of_the_front_doors_is_explained(): void
    {
        foreach ([
            \GoodRinse\Core\Rhythm\RhythmEngine::class,
            \GoodRinse\Core\Handbook\Handbook::class,
            \GoodRinse\Core\Logbook\HistoryBuilder::class,
            \GoodRinse\Core\Simulation\SimulatedKitchen::class,
            \GoodRinse\Core\Round\Progress::class,
            \GoodRinse\Core\Round\Projection\EntryProjector::class,
        ] as $class) {
            $reflection = new \ReflectionClass($class);
            self::assertNotFalse($reflection->getDocComment(), $class);
        }
    }
}
