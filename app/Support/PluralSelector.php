<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Translation\MessageSelector;

/**
 * Chooses the form of a message for a number by the plural rules of ICU, fractions too.
 * A message gives its forms in the order zero, one, two, few, many, other, without those its language has not: "load|loads".
 */
final class PluralSelector extends MessageSelector
{
    private const CATEGORIES = ['zero', 'one', 'two', 'few', 'many', 'other'];

    /** Numbers that between them fall into every category of every language. */
    private const PROBES = [0.0, 1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 11.0, 20.0, 21.0, 22.0, 100.0, 101.0, 102.0, 103.0, 1.5, 2.3];

    /** @var array<string, list<string>> by locale */
    private array $categories = [];

    /** @var array<string, \MessageFormatter> by locale */
    private array $rules = [];

    /**
     * @param string $line forms of a message; the last stands for those that it does not give
     * @param int|float $number
     * @param string $locale
     */
    public function choose($line, $number, $locale): string
    {
        $forms = explode('|', $line);
        $chosen = parent::choose(implode('|', array_pad($forms, count($this->categoriesOf($locale)), end($forms))), $number, $locale);

        return is_string($chosen) ? $chosen : '';
    }

    /**
     * @param string $locale
     * @param int|float $number
     */
    public function getPluralIndex($locale, $number): int
    {
        $categories = $this->categoriesOf($locale);
        $at = array_search($this->category($locale, (float) $number), $categories, true);

        return is_int($at) ? $at : count($categories) - 1;
    }

    /** @return list<string> those that the language has, in order */
    private function categoriesOf(string $locale): array
    {
        return $this->categories[$locale] ??= array_values(array_intersect(
            self::CATEGORIES,
            array_map(fn (float $number): string => $this->category($locale, $number), self::PROBES),
        ));
    }

    private function category(string $locale, float $number): string
    {
        $rule = $this->rules[$locale] ??= new \MessageFormatter(
            IcuLocale::named($locale),
            '{0, plural, zero {zero} one {one} two {two} few {few} many {many} other {other}}',
        );

        return (string) $rule->format([$number]);
    }
}
