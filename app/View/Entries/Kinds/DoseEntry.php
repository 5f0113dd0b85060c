<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Uses;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * Something was poured into a vessel.
 *
 * @implements EntryPresenter<Dose>
 */
final readonly class DoseEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Dose::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $values = ['agent' => $this->names->agent($payload->agent), 'vessel' => $this->names->vessel($payload->vessel, $about->machine)];
        $poured = null === $payload->portion
            ? $this->names->text('dose_unmeasured', $values)
            : $this->names->text('dose', $values + ['amount' => $payload->portion->inKitchen($about->measures)]);

        return $poured.(null === $payload->strength ? '' : $this->names->text('strength', ['percent' => Uses::number($payload->strength)]));
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M15 4 Q24 15 24 19 A9 9 0 0 1 6 19 Q6 15 15 4Z"/>';
    }
}
