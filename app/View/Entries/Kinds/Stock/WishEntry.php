<?php

declare(strict_types=1);

namespace App\View\Entries\Kinds\Stock;

use App\View\Entries\EntryNames;
use App\View\Entries\EntryPresenter;
use App\View\Entries\EntrySubject;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Stock\Wish;

/**
 * A supply was put on the shopping list, or taken off it.
 *
 * @implements EntryPresenter<Wish>
 */
final readonly class WishEntry implements EntryPresenter
{
    public function __construct(private EntryNames $names)
    {
    }

    public static function payload(): string
    {
        return Wish::class;
    }

    public function describe(Payload $payload, EntrySubject $about): string
    {
        return $this->names->text(0 === $payload->count ? 'wish_off' : 'wish', [
            'supply' => $this->names->supply($payload->supply, $about->machine),
            'count' => (string) $payload->count,
        ]);
    }

    public static function sign(): string
    {
        return '<path class="ink-line" d="M8 4 H22 V26 H8Z M12 11 H18 M12 16 H18 M12 21 H16"/>';
    }
}
