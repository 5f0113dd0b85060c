<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** What the application says to people lies in lang/, refusals and errors too; code holds no sentence. */
final class AppWordsTest extends TestCase
{
    use SourceFiles;

    private const APP = __DIR__.'/../../app';

    /** For whoever runs or programs it: the command line, databases, brokers, drawings, the published schema and the printed handbook. */
    private const OTHERS = [
        'Console/', 'Databases/', 'Backups/', 'Outside/', 'Actions/Devices/TakeMqttMessage.php', 'Exchange/ExchangeSchema.php',
        'Exchange/PurchaseTable.php', 'Handbook/', 'Exceptions/Failures.php', 'View/Drawing/', 'View/Entries/Kinds/',
        'View/Pages/Handbook/PrintedKind.php', 'Actions/Reminders/SendDigests.php', 'View/Calendar/CareCalendar.php',
        'Models/UnreadableRound.php',
    ];

    private const SQL = '/[<>={}(]|\bselect\b|payload->|\bas\b|INDEXED BY|^where |escape/i';

    private const UNITS = [' fl oz'];

    /** Words after a space, and such as join others. */
    private const READ = '/\p{L}{2,} \p{Ll}{2,}|^,? (?:or|and|of|with|then|about|later|earlier|left)\b|\b(?:since|into|about|until) $/u';

    public function test_code_holds_no_sentence_for_people(): void
    {
        $found = [];
        foreach (self::files(self::APP, 'php') as $name => $path) {
            if ([] === array_filter(self::OTHERS, static fn (string $other): bool => str_starts_with($name, $other))) {
                foreach (self::sentences((string) file_get_contents($path)) as $line => $text) {
                    $found[] = "$name:$line $text";
                }
            }
        }
        self::assertSame([], $found);
    }

    public function test_the_search_finds_sentences_where_there_are_some(): void
    {
        $code = <<<'CODE'
            <?php
            $a = 'Two of them.';
            $b = 'a.key';
            throw UnknownEntry::named('part of a thing', $id);
            $c = Arr::join($x, ', ', ' or ');
            $d = "due since $day";
            throw new \LogicException('never seen by people');
            $e = $days > 0 ? ' later' : '';
            CODE;
        self::assertSame([2 => 'Two of them.', 5 => ' or ', 6 => 'due since ', 8 => ' later'], self::sentences($code));
    }

    /** @return array<int, string> by line: literals with a word after a space, but for those of errors of the program and of SQL */
    private static function sentences(string $code): array
    {
        // What is thrown for a programmer, or names what was not found, is read in a log.
        $code = (string) preg_replace('/(?:named|Exception)\([^;]*;/', ';', $code);
        $found = [];
        foreach (token_get_all($code) as $token) {
            if (!is_array($token) || !in_array($token[0], [\T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE], true)) {
                continue;
            }
            $text = trim($token[1], '\'"');
            $isNone = in_array($text, self::UNITS, true) || 1 === preg_match(self::SQL, $text);
            if (!$isNone && 1 === preg_match(self::READ, $text)) {
                $found[$token[2]] = $text;
            }
        }

        return $found;
    }
}
