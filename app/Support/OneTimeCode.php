<?php

declare(strict_types=1);

namespace App\Support;

/**
 * Codes of six digits that change every 30 seconds, as a phone makes them from a shared secret (RFC 6238, SHA-1).
 *
 * Ours because no library for it can be had from the registries this is built from; held to the numbers of the RFC.
 */
final class OneTimeCode
{
    public const SECONDS = 30;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** Steps that a clock may be behind or ahead. */
    private const SLACK = 1;

    /** @return string 160 random bits in base 32 */
    public static function secret(): string
    {
        $secret = '';
        foreach (str_split(random_bytes(32)) as $byte) {
            $secret .= self::ALPHABET[ord($byte) & 31];
        }

        return $secret;
    }

    /** @param int $step of 30 seconds since 1970 */
    public static function at(#[\SensitiveParameter] string $secret, int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), self::bytes($secret), true);
        $offset = ord($hash[19]) & 15;
        $number = ((ord($hash[$offset]) & 127) << 24)
            | (ord($hash[$offset + 1]) << 16)
            | (ord($hash[$offset + 2]) << 8)
            | ord($hash[$offset + 3]);

        return str_pad((string) ($number % 1_000_000), 6, '0', STR_PAD_LEFT);
    }

    /** @return int|null the step that the code is of; null when it is none of these minutes */
    public static function step(#[\SensitiveParameter] string $secret, #[\SensitiveParameter] string $code, \DateTimeImmutable $now): ?int
    {
        $code = (string) preg_replace('/\s+/', '', $code);
        $step = intdiv($now->getTimestamp(), self::SECONDS);
        $found = null;
        foreach ('' === $secret ? [] : range($step - self::SLACK, $step + self::SLACK) as $each) {
            if (hash_equals(self::at($secret, $each), $code)) {
                $found = $each;
            }
        }

        return $found;
    }

    private static function bytes(#[\SensitiveParameter] string $secret): string
    {
        $bits = '';
        foreach (str_split(strtoupper($secret)) as $letter) {
            $bits .= str_pad(decbin((int) strpos(self::ALPHABET, $letter)), 5, '0', STR_PAD_LEFT);
        }
        $bytes = '';
        foreach (str_split($bits, 8) as $byte) {
            $bytes .= 8 === strlen($byte) ? chr((int) bindec($byte)) : '';
        }

        return $bytes;
    }
}
