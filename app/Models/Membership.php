<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a person belongs to a household, and as what.
 *
 * @property int $id
 * @property int $user_id
 * @property string $household_id
 * @property string $role
 * @property User $user
 * @property Household $household
 */
final class Membership extends Model
{
    /** Looks after the household itself: who belongs to it, its security, its end. */
    public const KEEPER = 'keeper';

    /** Does everything else. */
    public const MEMBER = 'member';

    protected $table = 'memberships';

    protected $fillable = ['user_id', 'household_id', 'role'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }

    public function isKeeper(): bool
    {
        return self::KEEPER === $this->role;
    }
}
