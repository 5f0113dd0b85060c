<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Care\Sessions\SessionReader;
use App\Models\CareSession;
use App\Models\Household;
use GoodRinse\Core\Plan\Rounds\Block;

/** Writes down when a session is to be done, so that a later plan can say what has changed since. */
final readonly class PromiseEnd
{
    public function __construct(private SessionReader $reader)
    {
    }

    /** When everything is done as it stands now. */
    public function end(CareSession $session, Household $household): \DateTimeImmutable
    {
        $running = $this->reader->running($session, $household);

        return $running->at($running->fitted->schedule->finish);
    }

    public function handle(CareSession $session, Household $household): CareSession
    {
        $running = $this->reader->running($session, $household);
        $session->promise = [
            'finish' => $running->at($running->fitted->schedule->finish)->format(\DATE_ATOM),
            'order' => array_values(array_unique(
                array_map(static fn (Block $block): string => $block->round, $running->fitted->blocks),
            )),
        ];
        $session->save();

        return $session;
    }
}
