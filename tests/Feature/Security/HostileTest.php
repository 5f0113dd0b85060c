<?php

declare(strict_types=1);

namespace Tests\Feature\Security;

use Database\Seeders\DemoHousehold;
use GoodRinse\Core\Simulation\Dice;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\DomCrawler\Field\InputFormField;
use Symfony\Component\DomCrawler\Field\TextareaFormField;
use Symfony\Component\DomCrawler\Form;
use Tests\TestCase;

/**
 * Types hostile strings into every field of every form that a person of the demo household can reach.
 *
 * A run tries a few of the strings; GOODRINSE_HOSTILE=300 tries so many, and prints what it did. GOODRINSE_PART=0/2 takes
 * every second field, so that two runs side by side take them all.
 */
#[Group('long')]
final class HostileTest extends TestCase
{
    private const USUALLY = 1;
    private const PAGES = 400;

    /** Begins the name of anything that must never come out as markup. */
    private const MARK = 'gr-hostile';

    public function test_no_field_lets_a_hostile_string_break_anything_or_come_out_raw(): void
    {
        $this->withoutMiddleware(ThrottleRequests::class);
        $this->actingAs(app(DemoHousehold::class)->load());
        $wanted = (int) (getenv('GOODRINSE_HOSTILE') ?: self::USUALLY);
        $forms = $this->forms();
        self::assertGreaterThan(30, count($forms), 'the forms are found');
        $strings = self::strings(max($wanted, 60));
        $fields = ['typed' => 0, 'picked' => 0];
        $tries = $number = 0;
        [$part, $parts] = array_map(intval(...), explode('/', getenv('GOODRINSE_PART') ?: '0/1'));
        foreach ($forms as [$page, $form]) {
            foreach (self::fields($form) as $field => $typed) {
                if ($number++ % $parts !== $part) {
                    continue;
                }
                // What is picked from a list or hidden is forged a few times; what is typed meets all of them. Each
                // field begins with other strings, so that a short run meets all of them too.
                for ($i = 0; $i < ($typed ? $wanted : min($wanted, self::USUALLY)); ++$i) {
                    $this->try($page, $form, $field, $strings[($tries + $i) % count($strings)]);
                }
                $tries += $i;
                ++$fields[$typed ? 'typed' : 'picked'];
            }
        }
        if (false !== getenv('GOODRINSE_HOSTILE')) {
            fwrite(STDERR, sprintf(
                "\n%d strings; %d forms with %d typed and %d other fields; %d tries\n",
                $wanted,
                count($forms),
                $fields['typed'],
                $fields['picked'],
                $tries,
            ));
        }
    }

    /** @return list<array{string, Form}> every form, by the page it stands on; of forms alike on one sort of page the first */
    private function forms(): array
    {
        $todo = [
            '/',
            '/kitchen',
            '/rhythm',
            '/logbook',
            '/handbook',
            '/household',
            '/away',
            '/reminders',
            '/household/water',
            '/trace',
            '/machines/new?kind=dishwasher',
            '/machines/new?kind=hood',
        ];
        $seen = array_fill_keys($todo, true);
        $sorts = $forms = [];
        for ($i = 0; isset($todo[$i]) && $i < self::PAGES; ++$i) {
            $answer = $this->get($todo[$i]);
            if (!str_contains((string) $answer->headers->get('Content-Type'), 'html') || $answer->isRedirect()) {
                if ($answer->isRedirect()) {
                    $to = self::path((string) $answer->headers->get('Location'));
                    $todo = isset($seen[$to]) ? $todo : [...$todo, $to];
                    $seen[$to] = true;
                }
                continue;
            }
            $page = new Crawler((string) $answer->getContent(), 'http://127.0.0.1:8400'.$todo[$i]);
            foreach ($page->filter('form') as $node) {
                $form = new Form($node, 'http://127.0.0.1:8400'.$todo[$i]);
                $sort = $form->getMethod().' '.preg_replace('/[0-9a-hjkmnp-tv-z]{26}/i', '*', self::path($form->getUri())).' '.implode(
                    ',',
                    array_unique(array_map(self::family(...), array_keys($form->all()))),
                );
                if (!isset($sorts[$sort]) && !str_contains($form->getUri(), 'logout')) {
                    $sorts[$sort] = true;
                    $forms[] = [$todo[$i], $form];
                }
            }
            foreach ($page->filter('a[href]') as $link) {
                $to = self::path($link instanceof \DOMElement ? $link->getAttribute('href') : '');
                $like = (string) preg_replace('/[0-9a-hjkmnp-tv-z]{26}|(?<=\?).*/i', '*', $to);
                if (str_starts_with($to, '/') && !isset($seen[$to]) && ($seen["#$like"] ?? 0) < 3) {
                    $seen[$to] = true;
                    $seen["#$like"] = ($seen["#$like"] ?? 0) + 1;
                    $todo[] = $to;
                }
            }
        }

        return $forms;
    }

    /** @return array<string, bool> names of what can be filled in or forged, each with whether a person types it */
    private static function fields(Form $form): array
    {
        $fields = $alike = [];
        foreach ($form->all() as $name => $field) {
            $family = self::family($name);
            $alike[$family] = ($alike[$family] ?? 0) + 1;
            if (!in_array($name, ['_token', '_method', 'photo'], true) && $alike[$family] <= 2) {
                $fields[$name] = $field instanceof TextareaFormField || (
                    $field instanceof InputFormField
                    && 'hidden' !== (new \ReflectionProperty($field, 'node'))->getValue($field)->getAttribute('type')
                );
            }
        }

        return $fields;
    }

    /** Fields that differ only by their number, or by the record that they are about, are of one family. */
    private static function family(string $name): string
    {
        return (string) preg_replace('/\[(\d+|[0-9a-hjkmnp-tv-z]{26}[^\]]*)\]/i', '[*]', $name);
    }

    private function try(string $page, Form $form, string $field, string $hostile): void
    {
        $values = $form->getPhpValues();
        $path = preg_split('/[\[\]]+/', rtrim($field, ']')) ?: [$field];
        data_set($values, implode('.', '' === end($path) ? [...array_slice($path, 0, -1), 0] : $path), $hostile);
        $about = "$field of {$form->getMethod()} {$form->getUri()} with ".substr(
            (string) json_encode($hostile, JSON_INVALID_UTF8_SUBSTITUTE),
            0,
            90,
        );
        DB::beginTransaction();
        try {
            $this->from($page);
            $method = $form->getMethod();
            $answer = $this->call($method, self::path($form->getUri()), $values);
            self::assertLessThan(500, $answer->getStatusCode(), $about);
            if ($answer->isRedirect()) {
                $next = $this->get(self::path((string) $answer->headers->get('Location')));
                self::assertLessThan(500, $next->getStatusCode(), "after $about");
                $this->isTame($next, $about);
            } else {
                $this->isTame($answer, $about);
            }
        } finally {
            DB::rollBack();
            $this->app?->make('cache.store')->clear();
        }
    }

    /** @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer */
    private function isTame(TestResponse $answer, string $about): void
    {
        $html = (string) $answer->getContent();
        if (str_contains($html, self::MARK) && str_contains((string) $answer->headers->get('Content-Type'), 'html')) {
            $page = new Crawler($html);
            self::assertCount(
                0,
                $page->filter('[data-'.self::MARK.'], '.self::MARK.', [onfocus], [onerror], [onload]'),
                "came out as markup: $about",
            );
        }
    }

    private static function path(string $url): string
    {
        return (string) preg_replace('~^https?://[^/]+~', '', preg_replace('/#.*/', '', $url) ?? '') ?: '/';
    }

    /** @return list<string> the same every time */
    private static function strings(int $count): array
    {
        $mark = self::MARK;
        $strings = [
            "<script data-$mark>alert(1)</script>", "\"><img data-$mark src=x onerror=alert(1)>",
            "' onfocus='alert(1)' autofocus data-$mark='", "</textarea><$mark>", "</title><script data-$mark></script>",
            "{{ config('app.key') }} <b data-$mark>", "@php echo 1; @endphp<b data-$mark>", "\${7*7} #{7*7} <i data-$mark>",
            "javascript:alert('$mark')", "<svg data-$mark onload=alert(1)>",
            "' OR '1'='1", "'; DROP TABLE entries; --", '1 UNION SELECT password FROM users', '%27%20or%201%3D1', "\\'; --", '1e309',
            '-1e309', 'NaN', 'Infinity', '-0', '0x1F', '1_000', '９９', '٣', "1\u{00A0}000", '1,5', '1.5.5', '--5', '+5',
            '00000000000000000001', '9223372036854775808', '-9223372036854775809', '4.9e-324',
            str_repeat('a', 70_000), str_repeat('ß', 300), str_repeat('<', 500), str_repeat("\u{1F9FD}", 200), "\0", "a\0b",
            "\x01\x02\x1f", "\r\nSet-Cookie: a=b", "line\nline\r\nline", "\t\t", ' ', "\u{200B}", "\u{FEFF}x", "\u{202E}txt.exe",
            "e\u{301}\u{302}\u{303}", "\xC3\x28", "\xFF\xFE", "\xED\xA0\x80",
            '../../../etc/passwd', '..%2f..%2f', 'file:///etc/passwd', 'C:\\con', '|ls', '$(id)', '`id`', '; cat /etc/passwd',
            '2026-02-30', '0000-00-00', '9999-12-31', '2026-06-15T25:61', '-2026-06-15', 'null', 'undefined', 'true', '[]', '{}',
            '{"$gt":""}', 'O:8:"stdClass":0:{}', 'a:1:{i:0;i:1;}',
            '<?xml version="1.0"?><!DOCTYPE a [<!ENTITY b SYSTEM "file:///etc/passwd">]><a>&b;</a>', '=HYPERLINK("http://127.0.0.1")',
            '@SUM(1+1)', '%s%n%x', '{0}', '{screws}', ':name :count', '&lt;b&gt;', '&#x3C;', "\u{FF1C}script\u{FF1E}",
        ];
        $dice = new Dice(7);
        $pool = [
            ...mb_str_split("<>\"'&;/\\{}[]()=%\$#@!|`~^*+-_.,:? \n\t0aß漢\u{1F9FD}\u{202E}\u{0}"),
            "<$mark ",
            " data-$mark=",
            'onerror=',
            '--',
            '/*',
            '\\u003c',
            '%00',
        ];
        while (count($strings) < $count) {
            $made = '';
            for ($n = $dice->between(3, 60); $n > 0; --$n) {
                $made .= $pool[$dice->between(0, count($pool) - 1)];
            }
            $strings[] = $made;
        }

        return $strings;
    }
}
