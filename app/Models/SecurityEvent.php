<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that concerns who can get in: kept for the keeper of the household.
 *
 * @property int $id
 * @property string|null $household_id
 * @property int|null $user_id
 * @property string $kind one of KINDS
 * @property string|null $about whom or what it was done to
 * @property string|null $address of the browser
 * @property CarbonImmutable $at
 * @property User|null $user
 */
final class SecurityEvent extends Model
{
    public const KINDS = [
        'logged-in', 'log-in-failed', 'logged-out-elsewhere', 'password-changed', 'password-reset', 'email-changed',
        'two-factor-on', 'two-factor-off', 'recovery-code-used', 'invited', 'joined', 'member-removed', 'member-left',
        'handed-over', 'device-added', 'device-removed', 'device-token', 'feed-made', 'feed-removed', 'exported', 'imported',
    ];

    /** Those of which the person is told by mail. */
    public const MAILED = ['password-changed', 'password-reset', 'email-changed', 'two-factor-on', 'two-factor-off', 'recovery-code-used'];

    public $timestamps = false;

    protected $table = 'security_events';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
