<?php

declare(strict_types=1);

namespace App\View\Words;

use GoodRinse\Core\Chemistry\AgentMeeting;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Support\Str;

/** Says what met in a vessel that should not have. */
final readonly class MeetingWords
{
    public function __construct(private Handbook $handbook)
    {
    }

    public function describe(AgentMeeting $meeting): string
    {
        $rules = $this->handbook->chemistry();

        return Str::ucfirst((string) __('places/vessels.met', [
            'second' => $rules->agent($meeting->second->agent)->name,
            'first' => $rules->agent($meeting->first->agent)->name,
            'gives' => $meeting->gives,
        ]));
    }

    /**
     * What follows from one entry; empty where nothing does.
     *
     * @param list<AgentMeeting> $meetings
     * @param string $entry id
     */
    public function about(array $meetings, string $entry): string
    {
        $about = array_filter(
            $meetings,
            static fn (AgentMeeting $meeting): bool => in_array($entry, [$meeting->first->entry, $meeting->second->entry], true),
        );

        return implode(' ', array_map($this->describe(...), $about));
    }
}
