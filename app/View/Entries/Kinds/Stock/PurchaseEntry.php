<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds\Stock;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Amounts;
use App\View\Words\Money;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;

/**
 * A supply was bought.
 *
 * @implements EntryPresenter<Purchase>
 */
final readonly class PurchaseEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Purchase::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        $bought = $this->names->text('bought', [
            'supply' => $this->names->supply($payload->supply, $about->machine),
            'amount' => Amounts::of($payload->all(), $about->measures),
        ]);

        return $bought
            .(null === $payload->price ? '' : $this->names->text('bought_for', ['price' => Money::in($payload->price, $payload->currency)]))
            .(null === $payload->shop ? '' : $this->names->text('bought_at', ['shop' => $payload->shop]));
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M5 9 H25 L22 24 H8Z M11 9 L14 3 M19 9 L16 3"/>';
    }
}
