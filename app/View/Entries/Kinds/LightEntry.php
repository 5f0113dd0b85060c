<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * An indicator light came on or went out.
 *
 * @implements EntryPresenter<IndicatorLight>
 */
final readonly class LightEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return IndicatorLight::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text($payload->on ? 'light_on' : 'light_off', ['light' => $payload->light]);
    }

    public static function sign(): string
    {
        return '<circle class="ink-line" cx="15" cy="15" r="5"/> <path class="ink-line" d="M15 3 V6 M15 24 V27 M3 15 H6 M24 15 H27"/>';
    }
}
