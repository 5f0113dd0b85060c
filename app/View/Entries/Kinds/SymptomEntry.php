<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Symptom;

/**
 * Something was noticed.
 *
 * @implements EntryPresenter<Symptom>
 */
final readonly class SymptomEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Symptom::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $symptom = mb_strtolower($this->names->symptom($about->machine, $payload->symptom));
        $where = null === $payload->where ? '' : $this->names->text('where', ['where' => (string) __("traces.zone.$payload->where")]);

        return $this->names->text('symptom', ['symptom' => $symptom]).$where;
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M15 4 L26 15 L15 26 L4 15Z M15 10 V16 M15 20 v.4"/>';
    }
}
