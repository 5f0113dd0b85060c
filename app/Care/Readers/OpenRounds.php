<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use GoodRinse\Core\Round\OpenEnd;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** Knows which machines are not whole: their round is still going on, or ended with something open. */
final readonly class OpenRounds
{
    /** As the index over these rounds says it, word for word: without it every round's script would be read past. */
    public const OPEN = "(ended_at IS NULL OR (open_ends <> '[]' AND settled_at IS NULL))";

    /**
     * @param array<string, Machine> $machines of the household that are in use, by id
     *
     * @return Collection<int, Round> under way, and ended with something open that nobody has put right yet, newest
     *     first
     */
    public function rounds(Household $household, array $machines): Collection
    {
        return $this->open($household->id)->whereIn('machine_id', array_keys($machines))->get()->each(
            static fn (Round $round): Round => $round->setRelation('machine', $machines[$round->machine_id]),
        );
    }

    /** @return Collection<int, Round> of a machine, ended with something open that nobody has put right yet, the given one left out */
    public function leftOpen(Machine $machine, Round $round): Collection
    {
        return $this->others($machine, $round)->whereNotNull('ended_at')->get();
    }

    /**
     * What other rounds have left apart on a machine.
     *
     * @return list<array{Round, list<OpenEnd>}>
     */
    public function elsewhere(Machine $machine, Round $round): array
    {
        $found = [];
        foreach ($this->others($machine, $round)->get() as $other) {
            $ends = null === $other->ended_at
                ? array_map(
                    static fn (string $part): OpenEnd => new OpenEnd(OpenEnd::PART_OFF, $part),
                    $other->isReadable() ? $other->progress()->tray() : [],
                )
                : $other->leftOpen();
            if ([] !== $ends) {
                $found[] = [$other, $ends];
            }
        }

        return $found;
    }

    /** @return Builder<Round> */
    private function others(Machine $machine, Round $round): Builder
    {
        return $this->open($machine->household_id)->with('machine')->where('machine_id', $machine->id)->whereKeyNot($round->id);
    }

    /** @return Builder<Round> */
    private function open(string $household): Builder
    {
        return Round::query()->where('household_id', $household)->whereRaw(self::OPEN)->orderByDesc('started_at')->orderByDesc('id');
    }
}
