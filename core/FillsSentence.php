<?php

declare(strict_types=1);

namespace GoodRinse\Core;

/** The message of an exception from a sentence and what fills it in; both are kept. */
trait FillsSentence
{
    private string $sentence = '';

    /** @var array<string, string> */
    private array $values = [];

    public function sentence(): string
    {
        return $this->sentence;
    }

    /** @return array<string, string> */
    public function values(): array
    {
        return $this->values;
    }

    /** @param array<string, string> $values */
    private static function filled(string $sentence, array $values = []): self
    {
        $marks = array_map(static fn (string $name): string => ":$name", array_keys($values));
        $refusal = new self(strtr($sentence, array_combine($marks, $values)));
        $refusal->sentence = $sentence;
        $refusal->values = $values;

        return $refusal;
    }
}
