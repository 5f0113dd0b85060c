<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Confirmation;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * What a symptom came from.
 *
 * @implements EntryPresenter<Confirmation>
 */
final readonly class ConfirmationEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Confirmation::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text(
            $payload->caused ? 'caused' : 'not_caused',
            ['task' => mb_strtolower($this->names->task($about->machine, $payload->task))],
        );
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M15 4 L26 15 L15 26 L4 15Z M10 15.5 L14 19 L20 11.5"/>';
    }
}
