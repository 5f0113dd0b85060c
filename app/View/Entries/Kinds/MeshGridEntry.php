<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\Support\Scalar;
use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Measured\MeshGrid;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * Shut cells were counted on a picture of a part.
 *
 * @implements EntryPresenter<MeshGrid>
 */
final readonly class MeshGridEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return MeshGrid::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return Scalar::text(__('measures.grid.entry', [
            'task' => $this->names->task($about->machine, $payload->task),
            'percent' => $payload->blocked()->percent(),
        ]));
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M6 6 H24 V24 H6Z M6 12 H24 M6 18 H24 M12 6 V24 M18 6 V24"/>';
    }
}
