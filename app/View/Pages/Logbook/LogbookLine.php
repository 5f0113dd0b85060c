<?php

declare(strict_types=1);

namespace App\View\Pages\Logbook;

/** An entry as the logbook shows it. */
final readonly class LogbookLine
{
    /**
     * @param string $time on the clock of the place it was written in
     * @param string|null $grade the mesh that was found, for an opening that was looked at
     * @param string $met what it met in its vessel that it must not; empty where nothing
     * @param bool $isUndo whether it takes another entry back
     * @param string|null $voidedBy id of the entry that takes this one out of force
     * @param bool $canCorrect whether it can be set right
     * @param string $was when it was set right and what it said before; empty where it was not
     * @param bool $isRight whether another line stands instead of it
     * @param string $entered when it was written down, where that is another day
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $words,
        public string $time,
        public ?string $machine,
        public ?string $person,
        public ?string $round,
        public ?string $grade,
        public string $met,
        public bool $isUndo,
        public ?string $voidedBy,
        public bool $canCorrect = false,
        public string $was = '',
        public string $entered = '',
        public bool $isRight = false,
    ) {
    }
}
