<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Fix;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A fix was tried.
 *
 * @implements EntryPresenter<Fix>
 */
final readonly class FixEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Fix::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text(
            $payload->helped ? 'fix' : 'fix_failed',
            ['action' => mb_strtolower($this->names->action($about->machine, $payload->action))],
        );
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M5 25 L16 14 M13 8 Q18 2 24 6 L19 10 L21 12 L25 8 Q28 14 22 18 Q17 20 13 16 Q10 12 13 8"/>';
    }
}
