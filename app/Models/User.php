<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;

/**
 * A person who can log in.
 *
 * @property int $id
 * @property string|null $household_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property string $appearance
 * @property array<mixed>|null $shortcuts as Shortcuts reads them; null for the keys as they come
 * @property list<string>|null $hints those that are put away
 * @property bool $reminders whether to be reminded by mail
 * @property string|null $new_email address that waits to be confirmed
 * @property string|null $two_factor_secret in base 32; asked for once two_factor_at is set
 * @property CarbonImmutable|null $two_factor_at
 * @property int|null $two_factor_step that was last used
 * @property list<string>|null $recovery_codes hashes of those that are left
 * @property string|null $origin id in the file that the person was brought in with
 * @property Household|null $household
 */
final class User extends Authenticatable
{
    /** @use HasFactory<\Database\Factories\UserFactory> */
    use HasFactory;
    use Notifiable;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token', 'two_factor_secret', 'recovery_codes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'reminders' => 'boolean',
            'shortcuts' => 'array',
            'hints' => 'array',
            'two_factor_secret' => 'encrypted',
            'two_factor_at' => 'immutable_datetime',
            'recovery_codes' => 'array',
        ];
    }

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }

    /** The person with an address, in whatever case it is given; addresses are kept in lower case. */
    public static function byEmail(string $email): ?self
    {
        return self::query()->where('email', mb_strtolower($email))->first();
    }

    /** Whether the person keeps the household that is open. */
    public function isKeeper(): bool
    {
        return null !== $this->household_id
            && $this->memberships()->where('household_id', $this->household_id)->where('role', Membership::KEEPER)->exists();
    }

    /** The household of a person who has been let through the door that asks for one. */
    public function home(): Household
    {
        return $this->household ?? throw new \LogicException('This person has no household yet.');
    }
}
