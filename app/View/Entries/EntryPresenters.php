<?php

declare(strict_types=1);

namespace App\View\Entries;

use App\View\Entries\Kinds\AbsenceEntry;
use App\View\Entries\Kinds\CheckEntry;
use App\View\Entries\Kinds\ClearingEntry;
use App\View\Entries\Kinds\ConfirmationEntry;
use App\View\Entries\Kinds\CupEntry;
use App\View\Entries\Kinds\DoseEntry;
use App\View\Entries\Kinds\FixEntry;
use App\View\Entries\Kinds\JetMapEntry;
use App\View\Entries\Kinds\LightEntry;
use App\View\Entries\Kinds\MeasurementEntry;
use App\View\Entries\Kinds\MeshGridEntry;
use App\View\Entries\Kinds\MeterEntry;
use App\View\Entries\Kinds\NoteEntry;
use App\View\Entries\Kinds\OpeningEntry;
use App\View\Entries\Kinds\PartFittedEntry;
use App\View\Entries\Kinds\PartNeedEntry;
use App\View\Entries\Kinds\ReversalEntry;
use App\View\Entries\Kinds\SnoozeEntry;
use App\View\Entries\Kinds\Stock\DisposalEntry;
use App\View\Entries\Kinds\Stock\PurchaseEntry;
use App\View\Entries\Kinds\Stock\StockLookEntry;
use App\View\Entries\Kinds\Stock\WishEntry;
use App\View\Entries\Kinds\SymptomEntry;
use App\View\Entries\Kinds\UseCountEntry;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Payload;
use Illuminate\Contracts\Container\Container;

/** Every kind of entry with how it is shown: a new kind is registered here, and with its payload in EntryKind. */
final class EntryPresenters
{
    /** @var list<class-string<EntryPresenter<covariant Payload>>> */
    private const ALL = [
        OpeningEntry::class,
        DoseEntry::class,
        ClearingEntry::class,
        UseCountEntry::class,
        MeterEntry::class,
        LightEntry::class,
        SymptomEntry::class,
        ConfirmationEntry::class,
        FixEntry::class,
        SnoozeEntry::class,
        AbsenceEntry::class,
        CheckEntry::class,
        MeasurementEntry::class,
        JetMapEntry::class,
        CupEntry::class,
        MeshGridEntry::class,
        PartFittedEntry::class,
        PartNeedEntry::class,
        PurchaseEntry::class,
        StockLookEntry::class,
        DisposalEntry::class,
        WishEntry::class,
        NoteEntry::class,
        ReversalEntry::class,
    ];

    /** @var array<class-string<Payload>, EntryPresenter<covariant Payload>> those that have been asked for */
    private array $made = [];

    public function __construct(private readonly Container $container)
    {
    }

    /**
     * @template P of Payload
     *
     * @param P $payload
     *
     * @return EntryPresenter<P>
     */
    public function of(Payload $payload): EntryPresenter
    {
        $class = self::classes()[$payload::class];
        /** @var EntryPresenter<P> $presenter */
        $presenter = $this->made[$payload::class] ?? $this->container->make($class);
        $this->made[$payload::class] = $presenter;

        return $presenter;
    }

    /** @return array<string, string> the inside of the SVG that is drawn beside each kind, by kind */
    public static function signs(): array
    {
        $signs = [];
        foreach (EntryKind::cases() as $kind) {
            $signs[$kind->value] = self::classes()[$kind->payloadClass()]::sign();
        }

        return $signs;
    }

    /** @return array<class-string<Payload>, class-string<EntryPresenter<covariant Payload>>> by what they show */
    private static function classes(): array
    {
        return array_combine(array_map(static fn (string $class): string => $class::payload(), self::ALL), self::ALL);
    }
}
