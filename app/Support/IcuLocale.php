<?php

declare(strict_types=1);

namespace App\Support;

/** What ICU calls the language of the pages. */
final class IcuLocale
{
    /** Where a language is written in several ways. */
    private const REGIONS = ['en' => 'en_GB'];

    /** For one that ICU does not know, as a made-up one. */
    private const UNKNOWN = 'en_GB';

    /** @var array<string, string> by our name */
    private static array $names = [];

    public static function current(): string
    {
        return self::named(app()->getLocale());
    }

    public static function named(string $locale): string
    {
        return self::$names[$locale] ??= self::REGIONS[$locale] ?? (self::isKnown($locale) ? $locale : self::UNKNOWN);
    }

    private static function isKnown(string $locale): bool
    {
        return in_array(str_replace('-', '_', $locale), \ResourceBundle::getLocales('') ?: [], true);
    }
}
