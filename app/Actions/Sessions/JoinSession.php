<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Actions\Logbook\ActionRefused;
use App\Models\CareSession;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Lends a session a second pair of hands, or takes one away. */
final readonly class JoinSession
{
    public function __construct(private PromiseEnd $promise)
    {
    }

    /**
     * @return \DateTimeImmutable when all would have been done without them
     *
     * @throws ActionRefused when two people are at it already
     */
    public function handle(CareSession $session, User $person): \DateTimeImmutable
    {
        return DB::transaction(function () use ($session, $person): \DateTimeImmutable {
            $session->refresh();
            $without = $this->promise->end($session, $person->home());
            if (in_array($person->id, $session->people, true)) {
                return $without;
            }
            $members = $person->home()->memberships()->pluck('user_id')->all();
            $session->people = array_values(array_filter(
                $session->people,
                static fn (int $id): bool => in_array($id, $members, false),
            )); // whoever has left the household is not at it
            if (count($session->people) >= CareSession::MOST_PEOPLE) {
                throw ActionRefused::handsEnough();
            }
            $session->people = [...$session->people, $person->id];
            $this->promise->handle($session, $person->home());

            return $without;
        });
    }

    /** The last one stays: somebody has to do it. */
    public function leave(CareSession $session, User $person): void
    {
        DB::transaction(function () use ($session, $person): void {
            $session->refresh();
            $left = array_values(array_diff($session->people, [$person->id]));
            if ([] === $left || $left === $session->people) {
                return;
            }
            // Whose a step was to be went by numbers of hands.
            $session->people = $left;
            $session->wishes = ['at' => $session->wishes['at'] ?? []];
            $this->promise->handle($session, $person->home());
        });
    }
}
