<?php

declare(strict_types=1);

namespace App\Support;

/**
 * The single keys of a round, for one person. Each is one character that is neither a digit (those pick an answer) nor
 * blank; space and the arrow back stay what they are. All of them can be switched off: a voice that dictates, or a
 * hand that rests on the keyboard, must not set anything off.
 */
final readonly class Shortcuts
{
    /** What a key can be chosen for, with the key it comes with. */
    public const DEFAULTS = ['all' => 'a', 'more' => '+', 'timer' => 't', 'note' => 'n', 'keys' => '?'];

    /** @param array<string, string> $keys the key for each of DEFAULTS, in lower case */
    private function __construct(public bool $on, public array $keys)
    {
    }

    /**
     * @param array<mixed>|null $kept as User keeps it; null for the keys as they come
     */
    public static function of(?array $kept): self
    {
        $keys = self::DEFAULTS;
        foreach ($keys as $what => $key) {
            $own = is_array($kept['keys'] ?? null) ? $kept['keys'][$what] ?? null : null;
            $keys[$what] = is_string($own) && self::canBe($own) ? mb_strtolower($own) : $key;
        }

        return new self(($kept['on'] ?? true) !== false, $keys);
    }

    /** Whether a key can be chosen: one character that is seen, and no digit. */
    public static function canBe(string $key): bool
    {
        return 1 === preg_match('/^[^\p{C}\p{Z}\p{N}]$/u', $key);
    }

    /** @return array<string, string>|null what the script of a round listens to; null for nothing */
    public function listened(): ?array
    {
        return $this->on ? $this->keys : null;
    }
}
