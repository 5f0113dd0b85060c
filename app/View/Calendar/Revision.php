<?php

declare(strict_types=1);

namespace App\View\Calendar;

/** When something in the calendar was last changed, so that a program that has it knows which of two is the newer. */
final readonly class Revision
{
    /** Seconds in one step of its number, and the Unix time of the first: 1 January 2020. */
    private const STEP = 60;
    private const FIRST = 1_577_836_800;

    public function __construct(private \DateTimeImmutable $at)
    {
    }

    public static function newest(?\DateTimeImmutable $one, ?\DateTimeImmutable $other): self
    {
        return new self(max($one, $other) ?? new \DateTimeImmutable('@'.self::FIRST));
    }

    /** @return array<string, \DateTimeImmutable|int> */
    public function properties(): array
    {
        $at = $this->at->setTimezone(new \DateTimeZone('UTC'));

        return [
            'DTSTAMP' => $at,
            'LAST-MODIFIED' => $at,
            'SEQUENCE' => intdiv(max(0, $at->getTimestamp() - self::FIRST), self::STEP),
        ];
    }
}
