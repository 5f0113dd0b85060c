<?php

declare(strict_types=1);

namespace App\View\Pages\Sessions;

/** What one person of a session does next, ready to be shown. */
final readonly class PersonTurn
{
    /**
     * @param string $name of the person
     * @param bool $isMe whether it is the one who looks
     * @param string $line what is next, in words
     * @param string|null $machine whose turn it is; null while there is nothing to do
     */
    public function __construct(public string $name, public bool $isMe, public string $line, public ?string $machine)
    {
    }
}
