<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** Every word a person reads lies in lang/ or in the handbook: a second language is a folder, and views hold none. */
final class ViewWordsTest extends TestCase
{
    use SourceFiles;

    /** Attributes of elements and components whose value is read out or shown. */
    private const SHOWN = 'label|title|hint|legend|placeholder|alt|aria-label|aria-description';

    /** What is no word of a language: our name, and how a file of ours looks. */
    private const NO_WORDS = ['Good Rinse'];

    /** What is no page of the application: a style, and what lies in a file that is taken along. */
    private const PRINTED = ['components/round/pdf-style.blade.php', 'export/index.blade.php'];

    private const VIEWS = __DIR__.'/../../resources/views';

    public function test_views_hold_no_words(): void
    {
        $found = [];
        foreach (self::views() as $file => $blade) {
            foreach ([...self::texts($blade), ...self::attributes($blade)] as $text) {
                $text = trim(str_replace(self::NO_WORDS, '', html_entity_decode($text)));
                if (1 === preg_match('/\p{L}{2,}/u', $text)) {
                    $found[] = "$file: $text";
                }
            }
        }

        self::assertSame([], $found);
    }

    public function test_what_a_view_works_out_holds_no_words_either(): void
    {
        $found = [];
        foreach (self::views() as $file => $blade) {
            $blade = (string) preg_replace('/\{\{--.*?--\}\}|@class\(\[.*?\]\)|\b(?:class|d)="[^"]*"/s', '', $blade);
            preg_match_all('/(?<!\(:class)\'((?:[^\'\\\\]|\\\\.)*)\'/', $blade, $literals);
            foreach ($literals[1] as $text) {
                if (1 === preg_match('/[A-Za-z]{2,} [a-z]|^[A-Z][a-z]+[.?!:]?$|^,? (?:or|and|of|with|then) $/', $text)) {
                    $found[] = "$file: $text";
                }
            }
        }

        self::assertSame([], $found);
    }

    public function test_a_list_with_messages_in_it_has_nothing_but_messages(): void
    {
        $found = [];
        foreach (self::views() as $file => $blade) {
            preg_match_all('/@foreach \(\[(.*?)\] as\b/s', $blade, $lists);
            foreach ($lists[1] as $list) {
                if (str_contains($list, '=> __(') && preg_match_all('/=> \'([^\']*\p{L}{2,}[^\']*)\'/u', $list, $bare)) {
                    $found[] = "$file: ".implode(', ', $bare[1]);
                }
            }
        }

        self::assertSame([], $found);
    }

    public function test_the_search_finds_words_where_there_are_some(): void
    {
        $blade = <<<'BLADE'
            {{-- a remark --}} @if ($a && in_array('some words', [')']))<p title="Well then">One {{ $two }} three</p>@endif
            <x-form.field name="x" label="Name it" :hint="__('a.b')"/> a@b {{ __('c.d', ['e' => 'f g']) }}
            BLADE;
        $texts = array_filter(array_map(trim(...), self::texts($blade)), static fn (string $text): bool => '' !== $text);
        self::assertSame(['One', 'three', 'a@b'], array_values($texts));
        self::assertSame(['Well then', 'Name it'], self::attributes($blade));
    }

    public function test_every_message_that_a_view_names_is_there_and_every_message_of_views_is_used(): void
    {
        $named = [];
        foreach (self::views() as $blade) {
            preg_match_all("/(?:__|trans_choice)\\('(views\\/[\\w\\/-]+)\\.(\\w+)'/", $blade, $calls, \PREG_SET_ORDER);
            foreach ($calls as [, $group, $key]) {
                $named["$group.$key"] = true;
            }
        }
        $there = [];
        $root = dirname(__DIR__, 2).'/lang/en';
        foreach (self::files("$root/views", 'php') as $file => $path) {
            foreach (array_keys((array) require $path) as $key) {
                $there['views/'.substr($file, 0, -4).'.'.$key] = true;
            }
        }

        self::assertSame([], array_keys(array_diff_key($named, $there)), 'named, and not there');
        self::assertSame([], array_keys(array_diff_key($there, $named)), 'there, and not named');
    }

    /** A test that names a message which is gone would pass where it says that a page does not show it. */
    public function test_every_message_that_app_or_a_test_names_is_there(): void
    {
        $root = dirname(__DIR__, 2);
        $missing = [];
        foreach (['app', 'tests'] as $folder) {
            foreach (self::files("$root/$folder", 'php') as $file => $path) {
                $code = __FILE__ === realpath($path) ? '' : (string) file_get_contents($path);
                preg_match_all("/\\b(?:__|trans|trans_choice)\\('([a-z][\\w\\/-]*(?:\\.[\\w-]+)+)'/", $code, $calls);
                foreach ($calls[1] as $key) {
                    $missing += self::isMessage($root, $key) ? [] : ["$folder/$file: $key" => true];
                }
            }
        }

        self::assertSame([], array_keys($missing));
    }

    private static function isMessage(string $root, string $key): bool
    {
        $group = strstr($key, '.', true);
        $found = is_file($file = "$root/lang/en/$group.php") ? require $file : null;
        foreach (array_slice(explode('.', $key), 1) as $part) {
            $found = is_array($found) ? $found[$part] ?? null : null;
        }

        return null !== $found;
    }

    /** @return array<string, string> by path under resources/views; what is printed for the repository is left out */
    private static function views(): array
    {
        $views = [];
        foreach (self::files(self::VIEWS, 'blade.php') as $file => $path) {
            if (!str_starts_with($file, 'handbook/print') && !in_array($file, self::PRINTED, true)) {
                $views[$file] = (string) file_get_contents($path);
            }
        }

        return $views;
    }

    /** @return list<string> text between tags, without what Blade fills in */
    private static function texts(string $blade): array
    {
        $blade = (string) preg_replace('/<(style|script)\b.*?<\/\1>/s', '', self::withoutCode($blade));

        return preg_split('/<\/?[A-Za-z!](?:[^<>"\']|"[^"]*"|\'[^\']*\')*>|\x00/', $blade) ?: [];
    }

    /** @return list<string> values of the attributes that are shown, without what Blade fills in */
    private static function attributes(string $blade): array
    {
        preg_match_all('/\s(?:'.self::SHOWN.')="([^"]*)"/', self::withoutCode($blade), $found);

        return array_map(static fn (string $text): string => str_replace("\0", ' ', $text), $found[1]);
    }

    /** Comments, echoes and directives become a NUL; in what is bound to a component words are code. */
    private static function withoutCode(string $blade): string
    {
        $blade = (string) preg_replace('/\{\{--.*?--\}\}|\{!!.*?!!\}|\{\{.*?\}\}/s', "\0", $blade);
        $blade = (string) preg_replace('/\s:[\w-]+="[^"]*"|\sx-[\w:.-]+="[^"]*"/', '', $blade);

        $brackets = '(\((?:[^()\'"]|\'(?:[^\'\\\\]|\\\\.)*\'|"[^"]*"|(?2))*\))';

        return (string) preg_replace("/(?<![\\w])@[A-Za-z]\\w*(\\s*$brackets)?/s", "\0", $blade);
    }
}
