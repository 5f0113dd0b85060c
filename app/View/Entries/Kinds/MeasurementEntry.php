<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\HouseMeasures;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Payload;

/**
 * Something was counted, measured or noticed.
 *
 * @implements EntryPresenter<Measurement>
 */
final readonly class MeasurementEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Measurement::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        try {
            $rule = $this->names->handbook->measurement($payload->what);
        } catch (UnknownEntry) {
            return $this->names->text(
                'reading_gone',
                ['number' => null === $payload->number ? implode(', ', $payload->picks) : Uses::number($payload->number)],
            );
        }
        $in = HouseMeasures::field($rule->unit);
        $unit = ['name' => $rule->name, 'unit' => $in->name];

        return match (true) {
            null !== $payload->of => $this->names->text(
                'reading_ratio',
                $unit + ['number' => Uses::number((float) $payload->number), 'of' => Uses::number($payload->of)],
            ),
            null !== $payload->number => $this->names->text(
                'reading_number',
                $unit + ['number' => Uses::number($in->written($payload->number))],
            ),
            default => $this->names->text(
                'reading_picks',
                $unit + ['picks' => mb_strtolower(implode(', ', array_map($rule->optionName(...), $payload->picks)))],
            ),
        };
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M5 21 A11 11 0 1 1 25 21 M15 18 L20 10"/>';
    }
}
