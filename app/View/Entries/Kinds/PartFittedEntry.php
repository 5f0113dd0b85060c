<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A new part was fitted.
 *
 * @implements EntryPresenter<PartFitted>
 */
final readonly class PartFittedEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return PartFitted::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text('fitted', ['part' => $this->names->part($about->machine, $payload->part)]);
    }

    public static function sign(): string
    {
        return '<circle class="ink-line" cx="15" cy="15" r="11"/><circle class="rim-line" cx="15" cy="15" r="5"/>';
    }
}
