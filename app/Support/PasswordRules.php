<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Validation\Rules\Password;

/**
 * What a password must not be: longer than what is hashed of it, one that everybody tries first, or the person's own name.
 *
 * The list that ships (resources/passwords/common.txt) holds stems; figures for letters, and figures and signs round them,
 * make no other password of one.
 */
final readonly class PasswordRules implements ValidationRule
{
    /** Bytes of a password that bcrypt looks at. */
    public const BYTES = 72;

    private const LETTERS = ['0' => 'o', '1' => 'l', '3' => 'e', '4' => 'a', '5' => 's', '7' => 't', '@' => 'a', '$' => 's', '!' => 'i'];

    /** @param list<string> $about what the person is called here: name, e-mail address */
    public function __construct(private array $about = [])
    {
    }

    /**
     * @param list<string> $about what the person is called here
     *
     * @return list<mixed> everything that a new password has to keep to
     */
    public static function all(array $about): array
    {
        return ['required', 'string', Password::defaults(), new self($about)];
    }

    /** @param \Closure(string): mixed $fail */
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (!is_string($value)) {
            return;
        }
        if (strlen($value) > self::BYTES) {
            $fail((string) __('account.password_long', ['most' => self::BYTES]));
        } elseif ($this->isCommon($value)) {
            $fail((string) __('account.password_common'));
        } elseif ($this->isAboutThem($value)) {
            $fail((string) __('account.password_name'));
        }
    }

    private function isCommon(string $password): bool
    {
        $plain = mb_strtolower($password);
        $inner = (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $plain);
        $stems = array_unique(array_map(self::stem(...), [$plain, strtr($inner, self::LETTERS)]));
        $common = array_flip(file(resource_path('passwords/common.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []);
        foreach ([...$stems, $plain] as $each) {
            if ('' === $each || isset($common[$each])) {
                return true;
            }
        }

        return self::isRepeated($plain) || self::isRun($plain);
    }

    private function isAboutThem(string $password): bool
    {
        $stem = self::stem(mb_strtolower($password));
        foreach ($this->about as $text) {
            $text = mb_strtolower($text);
            $mine = [self::stem($text), self::stem(explode('@', $text)[0]), $text];
            if (in_array($stem, array_filter($mine), true) || mb_strtolower($password) === $text) {
                return true;
            }
        }

        return false;
    }

    /** Letters only. */
    private static function stem(string $text): string
    {
        return (string) preg_replace('/[^\p{L}]+/u', '', $text);
    }

    /** "abcabcabcabc", "aaaaaaaaaa". */
    private static function isRepeated(string $text): bool
    {
        return 1 === preg_match('/^(.{1,4}?)\1+.{0,3}$/su', $text);
    }

    /** "1234567890", "abcdefghij", and backwards. */
    private static function isRun(string $text): bool
    {
        $steps = [];
        foreach (array_slice($letters = mb_str_split($text), 1) as $i => $letter) {
            $steps[] = mb_ord($letter) - mb_ord($letters[$i]);
        }

        return [] !== $steps && count(array_filter($steps, static fn (int $step): bool => 1 === abs($step))) >= 0.8 * count($steps);
    }
}
