<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Payload;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/**
 * A line of the logbook. The table refuses changes; one action (WriteEntries) is its only writer.
 *
 * @property int $seq
 * @property string $id
 * @property string $household_id
 * @property string|null $machine_id
 * @property string|null $part
 * @property EntryKind $kind
 * @property CarbonImmutable $happened_at
 * @property string $zone
 * @property int|null $recorded_by
 * @property CarbonImmutable $recorded_at
 * @property array<array-key, mixed> $payload
 * @property string $source
 * @property string|null $round_id
 * @property string|null $step
 * @property string|null $voids
 * @property string|null $corrects id of the entry that this one stands instead of
 * @property Machine|null $machine
 */
final class Entry extends Model implements BelongsToHousehold
{
    use HasUlids;

    public const BY_HAND = 'hand';
    public const BY_ROUND = 'round';
    public const BY_DEMO = 'demo';
    public const BY_DEVICE = 'device';
    public const BY_FILE = 'file';
    public const BY_TRACE = 'trace';

    public $timestamps = false;

    protected $table = 'entries';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => EntryKind::class,
            'happened_at' => 'immutable_datetime',
            'recorded_at' => 'immutable_datetime',
            'payload' => 'array',
        ];
    }

    public function householdId(): string
    {
        return $this->household_id;
    }

    public function decode(): Payload
    {
        return $this->kind->decode($this->payload);
    }

    /**
     * Which of these entries are out of force, each with the id of the entry that voids it.
     *
     * @param list<string> $ids
     *
     * @return array<string, string>
     */
    public static function voidedAmong(array $ids): array
    {
        $reversals = [];
        for ($look = $ids; [] !== $look;) {
            /** @var list<object{seq: int, id: string, voids: string}> $found */
            $found = DB::table('entries')->whereIn('voids', $look)->get(['seq', 'id', 'voids'])->all();
            foreach ($found as $reversal) {
                $reversals[$reversal->seq] = $reversal;
            }
            $look = array_column($found, 'id');
        }
        krsort($reversals);

        return EffectiveEntries::voided(array_column($reversals, 'voids', 'id'));
    }

    /**
     * Those of these entries that nobody has taken back.
     *
     * @param Collection<int, self> $entries
     *
     * @return Collection<int, self> in the same order
     */
    public static function inForce(Collection $entries): Collection
    {
        $voided = self::voidedAmong(array_values($entries->map(static fn (self $entry): string => $entry->id)->all()));

        return $entries->reject(static fn (self $entry): bool => isset($voided[$entry->id]))->values();
    }

    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
    }

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }
}
