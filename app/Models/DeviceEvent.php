<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something a device sent.
 *
 * @property int $seq
 * @property string $device_id
 * @property string $event the device's own id of it
 * @property CarbonImmutable $at by our clock
 * @property CarbonImmutable $received_at
 * @property float|null $total
 * @property string|null $light
 * @property bool|null $lit
 * @property string $status
 * @property int $series
 */
final class DeviceEvent extends Model
{
    public const TAKEN = 'taken';
    public const HELD = 'held';
    public const DROPPED = 'dropped';

    public $timestamps = false;

    protected $table = 'device_events';

    protected $primaryKey = 'seq';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime', 'received_at' => 'immutable_datetime', 'lit' => 'boolean', 'total' => 'float'];
    }
}
