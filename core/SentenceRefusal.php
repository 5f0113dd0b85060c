<?php

declare(strict_types=1);

namespace GoodRinse\Core;

/** A refusal that keeps its sentence apart from what fills it in, so that pages can put it into another language. */
interface SentenceRefusal extends Refusal
{
    /** The sentence with what is filled in as :name. */
    public function sentence(): string;

    /** @return array<string, string> what fills it in, by name */
    public function values(): array;
}
