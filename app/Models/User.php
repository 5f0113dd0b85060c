<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
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
 * @property bool $reminders whether to be reminded by mail
 * @property Household|null $household
 */
final class User extends Authenticatable
{
    /** @use HasFactory<\Database\Factories\UserFactory> */
    use HasFactory;
    use Notifiable;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'reminders' => 'boolean'];
    }

    /** @return BelongsTo<Household, $this> */
    public function household(): BelongsTo
    {
        return $this->belongsTo(Household::class);
    }

    /** The household of a person who has been let through the door that asks for one. */
    public function home(): Household
    {
        return $this->household ?? throw new \LogicException('This person has no household yet.');
    }
}
