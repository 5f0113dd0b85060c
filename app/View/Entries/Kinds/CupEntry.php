<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\Support\Scalar;
use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\HouseMeasures;
use App\View\Words\Uses;
use GoodRinse\Core\Flow\CupTest;
use GoodRinse\Core\Logbook\Payload\Measured\CupRecord;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * A cup stood in the rack while the machine washed.
 *
 * @implements EntryPresenter<CupRecord>
 */
final readonly class CupEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return CupRecord::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $result = (new CupTest($this->names->handbook->measureModel()->flow))->judge($payload->looks, null);
        $in = HouseMeasures::field('ml');

        return Scalar::text(__('measures.cup.'.($payload->clean ? 'entry_clean' : 'entry'), [
            'rate' => ($result->atLeast ? '≥ ' : '').Uses::number($in->written($result->rate)),
            'unit' => $in->name,
        ]));
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M7 5 L9 25 H21 L23 5 M8 14 H22"/>';
    }
}
