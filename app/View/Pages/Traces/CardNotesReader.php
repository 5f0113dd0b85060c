<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Care\Readers\TraceReader;
use App\Models\Household;
use App\Models\Trace;
use GoodRinse\Core\Handbook\Fault\Access;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Reads what stands round a card of a trace. */
final readonly class CardNotesReader
{
    public function __construct(private TraceReader $reader, private WaitWords $waits, private ClockInterface $clock)
    {
    }

    /** @param non-empty-list<TraceCard> $cards of the deck */
    public function for(Trace $trace, Household $household, FaultCatalog $trouble, TraceCard $card, array $cards): CardNotes
    {
        $shown = $card->check ?? $card->action;
        $access = $this->reader->access($trace, $household, $trouble);

        return new CardNotes(
            $trouble->concluded($trace->noticed()),
            null === $shown ? [] : self::named($access->inTheWay($shown)),
            self::named($access->open()),
            null === $card->check || [] === $card->check->needs ? [] : self::together($card, $cards),
            $this->beside($trace, $trouble),
            $this->waits->of($trace, $household, Day::at($this->clock->now(), $household->zone())),
        );
    }

    /**
     * @param list<Access> $accesses
     *
     * @return list<string>
     */
    private static function named(array $accesses): array
    {
        return array_map(static fn (Access $each): string => $each->name, $accesses);
    }

    /**
     * @param non-empty-list<TraceCard> $cards
     *
     * @return array<string, string>
     */
    private static function together(TraceCard $card, array $cards): array
    {
        $together = [];
        foreach ($cards as $other) {
            $needs = $other->check->needs ?? [];
            if ($other->id !== $card->id && [] !== $needs && [] === array_diff($needs, $card->check->needs ?? [])) {
                $together[$other->id] = $other->name();
            }
        }

        return $together;
    }

    /** @return array<string, Trace> */
    private function beside(Trace $trace, FaultCatalog $trouble): array
    {
        $beside = [];
        $others = Trace::query()->where('machine_id', $trace->machine_id)->whereNull('ended_at')->whereKeyNot($trace->id)->get();
        foreach ($others as $other) {
            $names = $trouble->namesOf($other->noticed());
            $beside[implode('; ', $names)] = $other;
        }

        return $beside;
    }
}
