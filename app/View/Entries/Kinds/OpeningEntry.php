<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A part was opened, or cleaned without a look.
 *
 * @implements EntryPresenter<Opening>
 */
final readonly class OpeningEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Opening::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $part = $this->names->part($about->machine, $about->part);
        if (Opening::DONE === $payload->how) {
            return $this->names->text('opening.done', ['task' => $this->names->task($about->machine, $payload->task)]);
        }
        if (null === $payload->found) {
            return $this->names->text(Opening::AS_NEW === $payload->how ? 'opening.new' : 'opening.told', ['part' => $part]);
        }
        $scale = $this->names->handbook->scales()->scale($this->names->scale($about->machine, $payload->task));
        $found = mb_strtolower($scale->nearest($payload->found)->name);
        $key = match (true) {
            0.0 === $payload->left->value && 0.0 === $payload->found->value => 'clear',
            $payload->left->value < $payload->found->value => 'cleaned',
            default => 'looked',
        };

        return $this->names->text(
            "opening.$key",
            ['part' => $part, 'found' => $found, 'left' => mb_strtolower($scale->nearest($payload->left)->name)],
        );
    }

    public static function sign(): string
    {
        return '<circle class="ink-line" cx="15" cy="15" r="11"/> <path class="rim-line w-thin" d="M15 4 V26 M4 15 H26"/>';
    }
}
