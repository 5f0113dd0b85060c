<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\Support\Scalar;
use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\FlowWords;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * The jets of the spray arms were mapped.
 *
 * @implements EntryPresenter<JetMap>
 */
final readonly class JetMapEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return JetMap::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $templates = null === $about->machine ? [] : $about->machine->kindIn($this->names->handbook)->spray->for($about->machine->traits);
        $arm = static fn (SprayArm $arm): string => Scalar::text(__('measures.jets.entry_arm', [
            'name' => mb_strtolower($templates[$arm->id]->name ?? $arm->id),
            'percent' => null === $arm->openness() ? '–' : FlowWords::percent($arm->openness()),
        ]));

        return Scalar::text(__('measures.jets.entry', [
            'means' => Scalar::text(__("measures.jets.was.$payload->means")),
            'arms' => implode(', ', array_map($arm, JetMap::DRAWN === $payload->means ? [] : $payload->arms)),
        ]));
    }

    public static function sign(): string
    {
        return '<circle class="ink-line" cx="15" cy="15" r="11"/><path class="ink-line" d="M5 15 H25 M10 12 V12 M20 12 V12"/>';
    }
}
