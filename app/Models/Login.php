<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A browser in which somebody is logged in. Once it is gone, that browser is logged out.
 *
 * @property string $id
 * @property int $user_id
 * @property string $address
 * @property string $agent
 * @property CarbonImmutable $began_at
 * @property CarbonImmutable $seen_at
 */
final class Login extends Model
{
    use HasUlids;

    public const LONGEST_AGENT = 200;

    public $timestamps = false;

    protected $table = 'logins';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['began_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
    }
}
