<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\View\Pages\Today\TaskLine;
use GoodRinse\Core\Handbook\Procedure\Procedure;

/** A procedure that a round on a machine can be made of. */
final readonly class ComposeChoice
{
    /** @param TaskLine|null $line of the care task it does; null for what is done when it is wanted */
    public function __construct(public string $id, public string $name, public ?TaskLine $line, public Procedure $procedure)
    {
    }
}
