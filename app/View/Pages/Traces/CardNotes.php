<?php

declare(strict_types=1);

namespace App\View\Pages\Traces;

use App\Models\Trace;

/** What stands round a card: the reasoning behind the deck, what has to be opened for it, and what goes with it. */
final readonly class CardNotes
{
    /**
     * @param string|null $concluded what somebody who mends such machines concludes at once
     * @param list<string> $first what has to be open for it and is not yet
     * @param list<string> $open what is open still
     * @param array<string, string> $together other looks that the same opening allows, names by id
     * @param array<string, Trace> $beside other traces of the machine that go on, by what was noticed
     * @param list<string> $waits which new parts it waits for
     */
    public function __construct(
        public ?string $concluded,
        public array $first,
        public array $open,
        public array $together,
        public array $beside,
        public array $waits,
    ) {
    }
}
