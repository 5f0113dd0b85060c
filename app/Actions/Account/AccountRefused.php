<?php

declare(strict_types=1);

namespace App\Actions\Account;

use GoodRinse\Core\Refusal;

/** Something about an account or who belongs to a household that cannot be done; the message is for the person. */
final class AccountRefused extends \DomainException implements Refusal
{
    public static function because(string $why): self
    {
        return new self((string) __("account.refused.$why"));
    }
}
