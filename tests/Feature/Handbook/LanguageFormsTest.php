<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\Support\PluralSelector;
use App\View\Words\Dates;
use App\View\Words\Numbers;
use App\View\Words\Uses;
use GoodRinse\Core\Quantity\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Numbers, days, times and plurals are those of the language that the pages are in. */
final class LanguageFormsTest extends TestCase
{
    public function test_numbers_have_the_decimal_sign_of_the_language_and_one_way_to_set_thousands_apart(): void
    {
        self::assertSame('2.5', Numbers::upTo(2.5, 2));
        self::assertSame("12\u{202F}345.7", Numbers::upTo(12345.67, 1));
        self::assertSame('0.2', Numbers::upTo(0.15, 1), 'as a person rounds');
        self::assertSame('0', Numbers::upTo(-0.04, 1));
        self::assertSame('3.50', Numbers::fixed(3.5, 2));
        app()->setLocale('de');
        self::assertSame('2,5', Numbers::upTo(2.5, 2));
        self::assertSame("12\u{202F}345,67", Numbers::fixed(12345.67, 2));
    }

    public function test_names_of_days_and_months_are_those_of_the_language(): void
    {
        $day = Day::of('2026-09-03');
        $shown = static fn (): array => [
            Dates::day($day), Dates::day($day, $day), Dates::longWeekday($day, $day), Dates::short($day, Day::of('2024-01-01')),
            Dates::month($day), Dates::nameOfDay(1), Dates::nameOfDay(7),
        ];
        self::assertSame(
            ['3 September 2026', '3 September', 'Thursday 3 September', '3 Sept 2026', 'Sept', 'Monday', 'Sunday'],
            $shown(),
        );
        app()->setLocale('fr');
        self::assertSame('jeudi 3 septembre', Dates::longWeekday($day, $day), 'in the order of the messages, which fall back to English');
        app()->setLocale('xx');
        self::assertSame('3 September', Dates::day($day, $day), 'a language that is not known');
    }

    public function test_the_time_is_that_of_the_clock_in_the_kitchen(): void
    {
        $at = new \DateTimeImmutable('2026-10-25T00:30:00Z');
        self::assertSame('02:30', Dates::time($at, new \DateTimeZone('Europe/Berlin')));
        self::assertSame('02:30', Dates::time($at->modify('+2 hours'), new \DateTimeZone('+00:00')));
        self::assertSame('25 October, 01:30', Dates::dayAndTime($at->modify('+1 hour'), new \DateTimeZone('Europe/London')));
    }

    /** @return array<string, array{string, string, array<string, string>}> */
    public static function languages(): array
    {
        return [
            'English' => ['en', 'load|loads', ['0' => 'loads', '1' => 'load', '2' => 'loads', '1.5' => 'loads', '0.5' => 'loads']],
            'French' => ['fr', 'un|des', ['0' => 'un', '1' => 'un', '1.5' => 'un', '2' => 'des', '1000000' => 'des']],
            'Polish' => ['pl', 'a|b|c|d', ['1' => 'a', '2' => 'b', '5' => 'c', '22' => 'b', '12' => 'c', '1.5' => 'd']],
            'Polish, without a form for fractions' => ['pl', 'a|b|c', ['1' => 'a', '3' => 'b', '5' => 'c', '1.5' => 'c']],
            'Arabic' => ['ar', '0|1|2|3|4|5', ['0' => '0', '1' => '1', '2' => '2', '3' => '3', '11' => '4', '100' => '5']],
            'Japanese' => ['ja', 'x', ['1' => 'x', '7' => 'x']],
            'numbers of their own' => ['en', '{0} none|{1} one|[2,*] many', ['0' => 'none', '1' => 'one', '9' => 'many']],
        ];
    }

    /** @param array<string, string> $forms */
    #[DataProvider('languages')]
    public function test_a_message_has_the_form_that_the_number_asks_for(string $locale, string $message, array $forms): void
    {
        $selector = new PluralSelector();
        foreach ($forms as $number => $form) {
            self::assertSame($form, $selector->choose($message, (float) $number, $locale), "$number in $locale");
        }
    }

    public function test_a_count_that_shows_as_one_is_one(): void
    {
        self::assertSame('1 load', Uses::counted(1.04, 'loads'));
        self::assertSame('1.1 loads', Uses::counted(1.06, 'loads'));
        self::assertSame('0 loads', Uses::counted(0.0, 'loads'));
        self::assertSame('1 day', Uses::interval(0.2, 'days'));
    }
}
