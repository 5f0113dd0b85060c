<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds;

use App\Models\Machine;
use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Dates;
use App\View\Words\Money;
use App\View\Words\Uses;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Quantity\Day;

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
        $part = $this->names->part($about->machine, $payload->part);

        return (null === $payload->price
            ? $this->names->text('fitted', ['part' => $part])
            : $this->names->text('fitted_for', ['part' => $part, 'price' => self::price($payload->price, $about->machine)]))
            .(null === $payload->warranty ? '' : $this->names->text('fitted_warranty', ['day' => Dates::day(Day::of($payload->warranty))]));
    }

    private static function price(float $price, ?Machine $machine): string
    {
        $household = $machine?->household()->first();

        return null === $household ? Uses::number($price) : Money::paid($price, $household);
    }

    public static function sign(): string
    {
        return '<circle class="ink-line" cx="15" cy="15" r="11"/><circle class="rim-line" cx="15" cy="15" r="5"/>';
    }
}
