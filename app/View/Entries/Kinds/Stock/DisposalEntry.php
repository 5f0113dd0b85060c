<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds\Stock;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use App\View\Words\Amounts;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;

/**
 * A supply was thrown away.
 *
 * @implements EntryPresenter<Disposal>
 */
final readonly class DisposalEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Disposal::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text('disposal', [
            'supply' => $this->names->supply($payload->supply, $about->machine),
            'amount' => Amounts::of($payload->gone, $about->measures),
        ]);
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M7 9 H23 L21 26 H9Z M5 9 H25 M12 5 H18 M12 13 V22 M18 13 V22"/>';
    }
}
