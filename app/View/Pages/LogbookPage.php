<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Http\Requests\LogbookRequest;
use App\Models\Entry;
use App\Models\Household;
use App\View\Words\EntryWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** What the logbook shows: the newest first, a day at a time. */
final readonly class LogbookPage
{
    private const AT_ONCE = 40;

    public function __construct(private ClockInterface $clock, private EntryWords $words, private Handbook $handbook)
    {
    }

    /** @return array<string, mixed> */
    public function for(Household $household, LogbookRequest $request): array
    {
        $machines = $household->machines()->orderBy('name')->get()->keyBy('id');
        $machine = $machines->get($request->string('machine')->toString());
        $show = $request->filled('show') ? $request->string('show')->toString() : 'care';
        $entries = $this->page($household, $machine?->id, $show, $request->string('before')->toString());
        $more = $entries->count() > self::AT_ONCE ? $entries->get(self::AT_ONCE - 1) : null;
        $entries = $entries->take(self::AT_ONCE);
        foreach ($entries as $entry) {
            $entry->setRelation('machine', $machines->get((string) $entry->machine_id));
        }

        return [
            'household' => $household,
            'handbook' => $this->handbook,
            'machines' => $machines,
            'machine' => $machine,
            'show' => $show,
            'today' => Day::at($this->clock->now(), $household->zone()),
            'days' => $this->days($entries, $household),
            'more' => null === $more ? null : $more->happened_at->format('Y-m-d H:i:s').'_'.$more->seq,
            'people' => $household->members()->pluck('name', 'id')->all(),
        ];
    }

    /** @return Collection<int, Entry> one more than is shown, to know whether there are more */
    private function page(Household $household, ?string $machine, string $show, string $before): Collection
    {
        $query = Entry::query()->where('entries.household_id', $household->id)
            ->where('happened_at', '<=', $this->clock->now()->format('Y-m-d H:i:s'))
            ->when(null !== $machine, static fn (Builder $query): Builder => $query->where('machine_id', $machine));
        match ($show) {
            'uses' => $query->where('kind', EntryKind::Counter),
            'all' => $query,
            default => self::careOnly($query),
        };
        if (1 === preg_match('/^(\d{4}-\d\d-\d\d \d\d:\d\d:\d\d)_(\d{1,15})$/D', $before, $at)) {
            $query->whereRaw('(happened_at, seq) < (?, ?)', [$at[1], (int) $at[2]]);
        }

        return $query->orderByDesc('happened_at')->orderByDesc('seq')->limit(self::AT_ONCE + 1)->get();
    }

    /**
     * Without the counts, the undos themselves, and lines that a later one of the same round set right.
     *
     * @param Builder<Entry> $query
     */
    private static function careOnly(Builder $query): void
    {
        $query->whereIn('kind', [EntryKind::Opening, EntryKind::Dose, EntryKind::Clearing, EntryKind::Check, EntryKind::Note])
            ->whereNotExists(static fn ($voiding) => $voiding->from('entries as v')->whereColumn('v.voids', 'entries.id')->where('v.payload', 'like', '%"correction"%'));
    }

    /**
     * A day's lines, those of one round together: what was opened stands for the round, the rest is behind it.
     *
     * @param Collection<int, Entry> $entries
     *
     * @return list<array{day: Day, groups: list<non-empty-list<LogbookLine>>}>
     */
    private function days(Collection $entries, Household $household): array
    {
        $voided = Entry::voidedAmong(array_values($entries->pluck('id')->all()));
        $days = [];
        foreach ($entries as $entry) {
            $day = Day::at($entry->happened_at, new \DateTimeZone($entry->zone));
            $line = new LogbookLine($entry, $this->words->say($entry, $household), $voided[$entry->id] ?? null);
            $group = $entry->round_id ?? $entry->id;
            $days[$day->number]['day'] = $day;
            $days[$day->number]['groups'][$group][] = $line;
        }

        return array_values(array_map(static fn (array $day): array => [
            'day' => $day['day'],
            'groups' => array_values(array_map(self::openingFirst(...), $day['groups'])),
        ], $days));
    }

    /**
     * @param non-empty-list<LogbookLine> $lines
     *
     * @return non-empty-list<LogbookLine>
     */
    private static function openingFirst(array $lines): array
    {
        usort($lines, static fn (LogbookLine $a, LogbookLine $b): int => (null === $a->opening) <=> (null === $b->opening));

        return $lines;
    }
}
