<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;

/** A hint that a person has read does not come again, on any screen. */
final readonly class DismissHint
{
    /** Pages that explain their idea to somebody who meets it first. */
    public const HINTS = ['round', 'rhythm', 'keep-apart', 'trace'];

    public function handle(User $person, string $hint): void
    {
        $person->forceFill(['hints' => array_values(array_unique([...$person->hints ?? [], $hint]))])->save();
    }
}
