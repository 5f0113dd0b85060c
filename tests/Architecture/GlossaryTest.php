<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Class names are made of words that are explained, or that every programmer and every household knows. */
final class GlossaryTest extends TestCase
{
    /** Ordinary words, and those of PHP, SQLite and the framework. */
    private const ORDINARY =
        'earlier measured planned script shown append only home move postgres databases grammar connection query mqtt client own '
        .'account archive backup caller claim copy database delete email exchange factor folder forgotten host import '
        .'login logins make maker mark '
        .'one password pending person quota recent report restore restorer two upgrade waiting writer '
        .'safety accept accepts action add ahead answer app assessment attempt bad begin belongs bench blank body book bounds '
        .'brewer build builder cache cached calc calculator calendar candidate cannot capacity chance change clean clear cloudy '
        .'code column combined comes compiled compiler compose composed composer confirm confirmed conflict connector '
        .'contents controller core correct count create creation cross date day demo derived describes description '
        .'details dice dishwasher draft drawing drip due end ends engine ensure estimate event exception export failed '
        .'failures field file fitted form format gamma group headers health held hood id ids immediate import impossible '
        .'in input invalid invite item join json keep known last learned left limit limiter line list load local log loss mail '
        .'malformed message minutes model money name names nav new no node note notice number of off offer on open '
        .'opened optimal order out packed page pages pair pdf pdo photo planner poured preview problem projected '
        .'proposed provider ranked reader receive recompute record references refresh refusal refused register '
        .'registration rejudge repair request reset result reverse revoke rhythm rotate round row rule run running '
        .'scalar schema school search security send service set settle settled shared simulate simulated simulator '
        .'sqlite standing starting stop store stream subject such summary table take test text tile time timeline to '
        .'today token trace track transport tray type ulid unknown unreadable view weeks weight working write year';

    public function test_every_word_of_a_class_name_is_in_the_glossary_or_ordinary(): void
    {
        $root = dirname(__DIR__, 2);
        preg_match_all('/^\| ([A-Za-z, ]+) \|/m', (string) file_get_contents("$root/docs/GLOSSARY.md"), $rows);
        $known = array_flip(
            array_map(strtolower(...), [...preg_split('/[ ,]+/', implode(' ', $rows[1])) ?: [], ...explode(' ', self::ORDINARY)]),
        );
        $unknown = [];
        foreach (['app', 'core'] as $folder) {
            foreach (new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS),
            ) as $file) {
                \assert($file instanceof \SplFileInfo);
                preg_match_all('/[A-Z]+(?![a-z])|[A-Z][a-z]+/', $file->getBasename('.php'), $words);
                foreach ('php' === $file->getExtension() ? $words[0] : [] as $word) {
                    $word = strtolower($word);
                    if (
                        !isset($known[$word])
                        && !isset($known[rtrim($word, 's')])
                        && !isset($known["{$word}s"])
                        && !isset($known[(string) preg_replace('/ies$/', 'y', $word)])
                    ) {
                        $unknown[$word] = $file->getFilename();
                    }
                }
            }
        }
        self::assertSame([], $unknown);
    }
}
