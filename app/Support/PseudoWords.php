<?php

declare(strict_types=1);

namespace App\Support;

/** Words of a made-up language: each letter accented, a third longer, what is filled in and plural marks untouched. */
final readonly class PseudoWords
{
    private const FROM = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
    private const TO = 'áƀçđéƒğĥíĵķłɱñóƥɋŕšŧúṽŵẋýžÁƁÇĐÉƑĞĤÍĴĶŁṀÑÓƤɊŔŠŦÚṼŴẊÝŽ';

    /** How days and times are written is no wording. */
    private const PATTERNS = 'patterns';

    /**
     * @param array<mixed> $words
     *
     * @return array<mixed> of the same shape
     */
    public static function all(array $words): array
    {
        return array_combine(array_keys($words), array_map(static fn (mixed $each, int|string $key): mixed => match (true) {
            self::PATTERNS === $key => $each,
            is_array($each) => self::all($each),
            is_string($each) => self::of($each),
            default => $each,
        }, $words, array_keys($words)));
    }

    public static function of(string $words): string
    {
        $letters = array_combine(str_split(self::FROM), mb_str_split(self::TO));
        $long = 0;
        $out = '';
        // What is filled in (:name), plural marks ({1}, [2,*], |) and markup stay as they are.
        $parts = preg_split('/(:\w+|\{\d+\}|\[\d+,[\d*]+\]|\||<[^>]+>|&\w+;)/', $words, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        foreach ($parts as $i => $part) {
            $out .= 1 === $i % 2 ? $part : strtr($part, $letters);
            $long += 1 === $i % 2 ? 0 : mb_strlen(trim($part));
        }
        $more = intdiv($long, 3);

        return str_contains($words, '|') || $more < 2 ? $out : $out.' '.str_repeat('·', $more);
    }
}
