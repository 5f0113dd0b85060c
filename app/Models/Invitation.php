<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Psr\Clock\ClockInterface;

/**
 * A link that lets one more person into a household, once. Only a hash of it is kept.
 *
 * @property string $id
 * @property string $household_id
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $used_at
 * @property Household $household
 */
final class Invitation extends Model implements BelongsToHousehold
{
    use HasUlids;

    protected $table = 'invitations';

    protected $fillable = ['household_id', 'invited_by', 'token_hash', 'expires_at', 'used_at', 'request_id'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
    }

    public static function hash(#[\SensitiveParameter] string $token): string
    {
        return hash('sha256', $token);
    }

    /** The invitation behind a link, while it can still be used. */
    public static function open(#[\SensitiveParameter] string $token): ?self
    {
        return self::query()->where('token_hash', self::hash($token))
            ->whereNull('used_at')
            ->where('expires_at', '>', app(ClockInterface::class)->now())
            ->first();
    }

    public function householdId(): string
    {
        return $this->household_id;
    }

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }
}
