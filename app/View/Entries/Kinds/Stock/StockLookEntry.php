<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds\Stock;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Amounts;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;

/**
 * Somebody looked how much of a supply is left.
 *
 * @implements EntryPresenter<StockLook>
 */
final readonly class StockLookEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return StockLook::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text('stock', [
            'supply' => $this->names->supply($payload->supply, $about->machine),
            'amount' => Amounts::of($payload->left, $about->measures),
        ]);
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M11 3 H19 V8 L22 12 V27 H8 V12 L11 8Z M8 18 H22"/>';
    }
}
