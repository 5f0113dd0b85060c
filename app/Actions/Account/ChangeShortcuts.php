<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;

/** Chooses the single keys of a round, or switches them off; for one person, on all their screens. */
final readonly class ChangeShortcuts
{
    /** @param array{on: bool, keys: array<string, string>} $shortcuts */
    public function handle(User $person, array $shortcuts): void
    {
        $person->forceFill(['shortcuts' => $shortcuts])->save();
    }
}
