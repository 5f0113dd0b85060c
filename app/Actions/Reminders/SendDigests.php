<?php

declare(strict_types=1);

namespace App\Actions\Reminders;

use App\Care\Readers\CareReader;
use App\Care\Readers\DueList;
use App\Models\Household;
use App\Models\User;
use App\Notifications\CareDigest;
use App\Support\Scalar;
use GoodRinse\Core\Plan\DigestRule;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;

/** Reminds people by mail of what is due, at their household's hour and at most once a day. */
final readonly class SendDigests
{
    public function __construct(private CareReader $care, private ClockInterface $clock, private LoggerInterface $log)
    {
    }

    /** @return int how many mails went out */
    public function handle(): int
    {
        $sent = 0;
        foreach (Household::query()->with('members')->lazyById(50) as $household) {
            $now = $this->clock->now()->setTimezone($household->zone());
            $rule = new DigestRule($household->digest_hour, $household->quiet_from, $household->quiet_to);
            $people = $household->members->filter(static fn (User $person): bool => $person->reminders);
            if ($people->isEmpty() || !$rule->isTime((int) $now->format('G'))) {
                continue;
            }
            $today = Day::at($now, $household->zone());
            $list = DueList::of($household, $this->care->household($household), $today);
            foreach ($people as $person) {
                [$named, $ago] = $this->last($person, $today);
                if ($rule->isWorthwhile($list->keys(), $named, $ago)) {
                    $sent += $this->send($person, $list) ? 1 : 0;
                }
            }
        }

        return $sent;
    }

    /** Sends one person's now, whatever the hour; false when nothing is due or it could not be sent. */
    public function now(User $person): bool
    {
        $household = $person->home();
        $list = DueList::of($household, $this->care->household($household), Day::at($this->clock->now(), $household->zone()));

        return [] !== $list->tasks && $this->send($person, $list);
    }

    /**
     * @return array{list<string>|null, int} what the last mail named and the days since; null and 0 when there was none
     */
    private function last(User $person, Day $today): array
    {
        $last = DB::table('digests')->where('user_id', $person->id)->orderByDesc('day')->first(['day', 'tasks']);
        if (null === $last) {
            return [null, 0];
        }
        $tasks = array_values(array_filter((array) json_decode(Scalar::text($last->tasks), true), is_string(...)));

        return [$tasks, $today->since(Day::of(Scalar::text($last->day)))];
    }

    /** The mail is noted before it is sent, so that a crash sends it once too few and not twice; one that was refused is tried again. */
    private function send(User $person, DueList $list): bool
    {
        DB::table('digests')->upsert(
            [[
                'user_id' => $person->id,
                'day' => (string) $list->today,
                'tasks' => json_encode($list->keys(), JSON_THROW_ON_ERROR),
                'sent_at' => $this->clock->now()->format('Y-m-d H:i:s'),
            ]],
            ['user_id', 'day'],
            ['tasks', 'sent_at'],
        );
        try {
            $person->notify(new CareDigest($list));
        } catch (\Throwable $e) {
            $this->log->error("A reminder could not be sent: {$e->getMessage()}");
            DB::table('digests')->where('user_id', $person->id)->where('day', (string) $list->today)->delete();

            return false;
        }

        return true;
    }
}
