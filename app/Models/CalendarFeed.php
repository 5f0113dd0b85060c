<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Contracts\BelongsToHousehold;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A private address under which a calendar reads what is due. Only a hash of it is kept.
 *
 * @property string $id
 * @property string $household_id
 * @property string $reader calendar or display
 * @property CarbonImmutable|null $created_at
 * @property Household $household
 */
final class CalendarFeed extends Model implements BelongsToHousehold
{
    use HasUlids;

    public const CALENDAR = 'calendar';
    public const DISPLAY = 'display';

    protected $table = 'calendar_feeds';

    protected $fillable = ['household_id', 'made_by', 'token_hash', 'reader', 'request_id'];

    protected $attributes = ['reader' => self::CALENDAR];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'immutable_datetime'];
    }

    /** The feed behind a token; null when there is none for that reader. */
    public static function behind(#[\SensitiveParameter] string $token, string $reader = self::CALENDAR): ?self
    {
        return self::query()->with('household')->where('token_hash', hash('sha256', $token))->where('reader', $reader)->first();
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
