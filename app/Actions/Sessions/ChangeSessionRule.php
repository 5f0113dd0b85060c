<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Care\Sessions\AheadReader;
use App\Care\Sessions\SessionWish;
use App\Models\Household;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Keeps how a household wants its sessions, with the days they had then, so that what moves them later can be said. */
final readonly class ChangeSessionRule
{
    public function __construct(private AheadReader $ahead, private ClockInterface $clock)
    {
    }

    public function handle(Household $household, SessionWish $wish): void
    {
        $household->session_rule = SessionWish::NONE === $wish->mode ? null : [
            'mode' => $wish->mode,
            'which' => $wish->which,
            'weekday' => $wish->weekday,
            'minutes' => $wish->minutes,
            'on' => Day::at($this->clock->now(), $household->zone())->midnight()->format('Y-m-d'),
            'days' => $this->ahead->read($household, $wish)->days(),
        ];
        $household->save();
    }
}
