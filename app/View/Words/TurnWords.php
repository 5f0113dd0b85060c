<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Care\Sessions\NextTurn;
use App\Support\Scalar;
use Illuminate\Support\Str;

/** Says what one person of a session does next. */
final readonly class TurnWords
{
    public function __construct(private NextTurn $turn)
    {
    }

    /** What one does: the title of its first step, or when there is something to do again. */
    public function line(): string
    {
        $what = $this->what();

        return match (true) {
            null !== $this->turn->round => $what,
            null !== $this->turn->at => self::text('free_until', [
                'time' => Dates::time($this->turn->at, $this->turn->running->household->zone()),
                'machine' => $this->turn->machine()->name ?? '',
                'what' => rtrim(Str::lcfirst($what), '.'),
            ]),
            default => self::text('nothing_left'),
        };
    }

    /** Said to somebody who is sent from one machine to another. */
    public function sentence(): string
    {
        $wait = $this->turn->meanwhile();
        $values = ['machine' => $this->turn->machine()->name ?? ''];

        return null === $wait ? self::text('turn', $values) : self::text('turn_while', $values + [
            'wait' => (string) $wait->wait,
            'until' => Dates::time($this->turn->running->at($wait->activity->minutes), $this->turn->running->household->zone()),
        ]);
    }

    private function what(): string
    {
        return match (true) {
            null === $this->turn->block => self::text('finish'),
            null !== $this->turn->block->clears => $this->turn->block->clears,
            default => $this->turn->block->steps[0]->title ?? '',
        };
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("plan.$key", $values));
    }
}
