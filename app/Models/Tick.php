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
 * @property int                       $seq
 * @property string                    $id
 * @property string                    $round_id
 * @property string                    $step
 * @property string|null               $answer
 * @property bool                      $overruled
 * @property CarbonImmutable           $at
 * @property float                     $share
 * @property float|null                $strength
 * @property string                    $how
 * @property array<string, mixed>|null $details
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

    public function toCore(): CoreTick
    {
        return new CoreTick($this->id, $this->step, $this->at->toDateTimeImmutable(), $this->answer, $this->overruled, $this->share, $this->strength, $this->how, TickDetails::read($this->details ?? []));
    }
}
