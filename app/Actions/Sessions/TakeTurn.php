<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Care\Sessions\NextTurn;
use App\Care\Sessions\SessionReader;
use App\Models\CareSession;
use App\Models\User;
use Psr\Clock\ClockInterface;

/** Leads a person to what they do next in a session, and remembers that they are at it, so that nobody else is led there. */
final readonly class TakeTurn
{
    public function __construct(private SessionReader $reader, private ClockInterface $clock)
    {
    }

    public function handle(CareSession $session, User $person): NextTurn
    {
        $turn = NextTurn::of($this->reader->running($session, $person->home(), $person->id), $person->id);
        $turns = array_diff_key($session->turns, [$person->id => true]);
        if (null !== $turn->round) {
            $turns[$person->id] = ['round' => $turn->round->id, 'since' => $this->clock->now()->format(\DATE_ATOM)];
        }
        if ($turns !== $session->turns) {
            $session->update(['turns' => $turns]);
        }

        return $turn;
    }
}
