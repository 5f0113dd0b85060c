<?php

declare(strict_types=1);

namespace App\Actions\Reminders;

use App\Models\User;
use Illuminate\Support\Str;

/** Makes a private address under which a calendar reads what is due. */
final readonly class CreateFeed
{
    /** @return string the token in it; it is shown now and never again */
    public function handle(User $by): string
    {
        $token = Str::random(40);
        $by->home()->feeds()->create(['made_by' => $by->id, 'token_hash' => hash('sha256', $token)]);

        return $token;
    }
}
