<?php

declare(strict_types=1);

namespace App\Models\Contracts;

/** A record that one household owns. */
interface BelongsToHousehold
{
    public function householdId(): string;
}
