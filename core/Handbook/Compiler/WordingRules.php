<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

/**
 * Holds texts to the wording the handbook asks for: no sentence too long, no phrase that is to be avoided.
 *
 * @internal to the handbook and its tests
 */
final readonly class WordingRules
{
    /** Fields for editors, which nobody using the application reads. */
    private const UNREAD = ['basis'];

    /** Finds any of the phrases at once: one look at a text instead of one for each. */
    private string $anyAvoided;

    /** @param array<string, string> $avoid what is written in place of what */
    public function __construct(private int $longest, private array $avoid)
    {
        $phrases = array_map(static fn (string $say): string => preg_quote($say, '/'), array_keys($avoid));
        $this->anyAvoided = [] === $phrases ? '/(?!)/' : '/'.implode('|', $phrases).'/iu';
    }

    public static function read(Node $wording): self
    {
        $avoid = [];
        foreach ($wording->at('avoid')->items() as $pair) {
            $avoid[$pair->string('say')] = $pair->string('write');
        }

        return new self((int) $wording->number('longest'), $avoid);
    }

    /**
     * Every text below a place in a file.
     *
     * @return list<Problem>
     */
    public function check(string $file, mixed $data, string $pointer = ''): array
    {
        if (is_string($data)) {
            return array_map(
                static fn (string $problem): Problem => new Problem($file, $pointer, $problem),
                [...$this->tooLong($data), ...$this->avoided($data)],
            );
        }
        $problems = [];
        foreach (is_array($data) ? $data : [] as $key => $value) {
            if (!in_array($key, self::UNREAD, true)) {
                array_push($problems, ...$this->check($file, $value, "$pointer/$key"));
            }
        }

        return $problems;
    }

    /** @return list<string> */
    public function avoided(string $text): array
    {
        $problems = [];
        if (1 !== preg_match($this->anyAvoided, $text)) {
            return $problems;
        }
        foreach ($this->avoid as $say => $write) {
            if (false !== mb_stripos($text, $say)) {
                $problems[] = sprintf('“%s” is to be avoided; write: %s', $say, $write);
            }
        }

        return $problems;
    }

    /** @return list<string> */
    private function tooLong(string $text): array
    {
        $problems = [];
        foreach (preg_split('/(?<=[.!?])\s+/u', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $sentence) {
            $words = count(preg_split('/\s+/u', $sentence, -1, PREG_SPLIT_NO_EMPTY) ?: []);
            if ($words > $this->longest) {
                $problems[] = sprintf('a sentence of %d words is too long, %d at most: %s', $words, $this->longest, $sentence);
            }
        }

        return $problems;
    }
}
