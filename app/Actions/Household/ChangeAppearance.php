<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\User;

/** Chooses light, dark, or whatever the device says. */
final readonly class ChangeAppearance
{
    public const CHOICES = ['auto', 'light', 'dark'];

    public function handle(User $user, string $appearance): void
    {
        $user->forceFill(['appearance' => $appearance])->save();
    }
}
