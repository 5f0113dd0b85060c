<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\User;

/** What a person is called in files: the same in every file of an installation, and kept where the file is brought in. */
final class PersonMark
{
    public static function of(User $user): string
    {
        return $user->origin ?? substr(hash_hmac('sha256', "person $user->id", config()->string('app.key')), 0, 26);
    }
}
