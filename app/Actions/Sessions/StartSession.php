<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Rounds\StartRound;
use App\Models\CareSession;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\ClockTime;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Begins rounds on several machines at once, or adds them to the session that goes on already. */
final readonly class StartSession
{
    public function __construct(private StartRound $start, private PromiseEnd $promise, private ClockInterface $clock)
    {
    }

    /**
     * @param list<string> $jobs "machine:procedure"
     * @param array<string, string> $set hours at which blocks begin, as HH:MM on the household's clock, by block
     * @param array<string, int> $by number of the hands that do a block, by block
     *
     * @return CareSession|null null when there is nothing to begin
     *
     * @throws UnknownEntry when there is no such procedure, or it is not for its machine
     * @throws OrderConflict when the jobs of one machine cannot be one round
     * @throws ActionRefused when keep-apart refuses one of them, or another round goes on on its machine
     */
    public function handle(User $person, array $jobs, array $set = [], array $by = []): ?CareSession
    {
        $of = $this->byMachine($person, $jobs);
        if ([] === $of) {
            return null;
        }

        return DB::transaction(function () use ($person, $of, $set, $by): CareSession {
            $home = $person->home();
            $now = $this->clock->now()->setTimezone($home->zone());
            $hours = array_map(static fn (string $at): ?string => ClockTime::next($at, $now)?->format(\DATE_ATOM), $set);
            $wishes = ['at' => array_filter($hours), 'by' => $by];
            $session = CareSession::open($home) ?? CareSession::query()->create([
                'household_id' => $home->id,
                'people' => [$person->id],
                'wishes' => array_filter($wishes),
                'promise' => ['finish' => '', 'order' => []],
                'started_at' => $this->clock->now(),
            ]);
            foreach ($of as [$machine, $procedures]) {
                $round = $this->start->handle($machine, $person, $procedures);
                if ($machine->rounds()->whereNull('ended_at')->whereKeyNot($round->id)->exists()) {
                    throw ActionRefused::hasRound($machine->name);
                }
                $round->update(['care_session_id' => $session->id]);
            }

            return $this->promise->handle($session, $home);
        });
    }

    /**
     * @param list<string> $jobs
     *
     * @return list<array{Machine, non-empty-list<string>}> machines of this household, with their procedures
     */
    private function byMachine(User $person, array $jobs): array
    {
        $procedures = [];
        foreach ($jobs as $job) {
            [$machine, $procedure] = [...explode(':', $job, 2), ''];
            if (1 === preg_match('/^[a-z][a-z0-9-]{0,39}$/D', $procedure)) {
                $procedures[$machine][] = $procedure;
            }
        }
        $of = [];
        $wanted = array_map(strval(...), array_keys($procedures));
        foreach ($person->home()->activeMachines()->whereKey($wanted)->orderBy('id')->get() as $machine) {
            $of[] = [$machine, array_values(array_unique($procedures[$machine->id]))];
        }

        return $of;
    }
}
