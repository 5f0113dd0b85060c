<?php

declare(strict_types=1);

namespace App\View\Pages\Ahead;

/** One session of the next half year. */
final readonly class AheadLine
{
    /**
     * @param string $day in words
     * @param string $minutes of hands, in words
     * @param array<string, list<string>> $machines names of their tasks, by name
     * @param string $url where it is planned
     */
    public function __construct(public string $day, public string $minutes, public array $machines, public string $url)
    {
    }
}
