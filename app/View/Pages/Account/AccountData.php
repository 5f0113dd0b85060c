<?php

declare(strict_types=1);

namespace App\View\Pages\Account;

use App\Models\Login;
use App\Models\Membership;
use App\Models\User;
use App\Support\Shortcuts;
use App\View\PageData;

/** What AccountPage hands to its view. */
final readonly class AccountData extends PageData
{
    /**
     * @param list<array{login: Login, here: bool, seen: string, browser: string}> $logins the newest first
     * @param list<Membership> $memberships of the person, with their households
     * @param string|null $secret that waits to be put into a phone
     * @param int $codesLeft recovery codes not yet used
     */
    public function __construct(
        public User $person,
        public array $logins,
        public array $memberships,
        public Shortcuts $shortcuts,
        public ?string $secret,
        public int $codesLeft,
        public string $phoneLink,
    ) {
    }
}
