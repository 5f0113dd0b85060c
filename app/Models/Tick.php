<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use GoodRinse\Core\Round\Tick as CoreTick;
use GoodRinse\Core\Round\TickDetails;
use Illuminate\Database\Eloquent\Model;

/**
 * A step marked done in a round. Its id comes from the device that made it, so sending it again is harmless.
 *
 * @property int $seq
 * @property string $id
 * @property string $round_id
 * @property string $step
 * @property string|null $answer
 * @property bool $overruled
 * @property CarbonImmutable $at
 * @property float $share
 * @property float|null $strength
 * @property string $how
 * @property array<string, mixed>|null $details
 * @property int|null $logbook_seq the newest line of the logbook when it was made
 */
final class Tick extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $table = 'ticks';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime', 'overruled' => 'boolean', 'share' => 'float', 'strength' => 'float', 'details' => 'array'];
    }

    /** A row as it lies in the table: a round reads all of its own at every step, and needs no models for that. */
    public static function read(object $row): CoreTick
    {
        /**
         * @var object{id: string, step: string, at: string, answer: string|null, overruled: int|bool, share: int|float,
         *     strength: int|float|null, how: string, details: string|null, made_by: int|null} $row
         */
        $details = null === $row->details ? [] : json_decode($row->details, true);

        return new CoreTick(
            id: $row->id,
            step: $row->step,
            at: new \DateTimeImmutable($row->at, new \DateTimeZone('UTC')),
            answer: $row->answer,
            overruled: (bool) $row->overruled,
            share: (float) $row->share,
            strength: null === $row->strength ? null : (float) $row->strength,
            how: $row->how,
            details: TickDetails::read(is_array($details) ? $details : []),
            by: null === $row->made_by ? null : (int) $row->made_by,
        );
    }
}
