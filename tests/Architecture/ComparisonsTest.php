<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/**
 * A comparison of numbers is never negated: where the byte code is optimized, as it is on a server, "not at most one" becomes
 * "more than one", and what is not a number is let in. Guards say is_nan or is_finite.
 */
final class ComparisonsTest extends TestCase
{
    use SourceFiles;

    public function test_no_comparison_is_negated(): void
    {
        $negated = [];
        foreach (['app', 'core'] as $folder) {
            foreach (self::files(dirname(__DIR__, 2)."/$folder", 'php') as $name => $file) {
                foreach (self::negated((string) file_get_contents($file)) as $line) {
                    $negated[] = "$folder/$name:$line";
                }
            }
        }
        self::assertSame([], $negated);
    }

    public function test_it_finds_one(): void
    {
        self::assertSame([2, 3], self::negated(<<<'PHP'
            <?php
            if (!($a > 0 && f(!$b))) { g(fn ($x) => !$x, $a > 1); }
            return !( abs($c) <= 1.0 ) || !($d instanceof E) || !f($x < 1);
            PHP));
    }

    /** @return list<int> lines in which a bracket behind a "not" holds a comparison of its own */
    private static function negated(string $code): array
    {
        $tokens = array_values(array_filter(\PhpToken::tokenize($code), static fn (\PhpToken $token): bool => !$token->isIgnorable()));
        $lines = [];
        foreach ($tokens as $i => $token) {
            if ('!' !== $token->text || '(' !== ($tokens[$i + 1]->text ?? '')) {
                continue;
            }
            for ($depth = 1, $at = $i + 2; $depth > 0; ++$at) {
                $depth += ['(' => 1, ')' => -1][$tokens[$at]->text] ?? 0;
                if (1 === $depth && in_array($tokens[$at]->text, ['<', '>', '<=', '>='], true)) {
                    $lines[] = $token->line;
                    break;
                }
            }
        }

        return $lines;
    }
}
