<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\PartNames;
use App\Models\Household;
use App\Models\HouseholdSupply;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\PortionUnit;

/** Everything that a household can keep: agents and tools of the handbook, parts of its machines, and supplies of its own. */
final readonly class SupplyCatalog
{
    public function __construct(private Handbook $handbook, private PartNames $parts)
    {
    }

    /**
     * @param array<string, HouseholdSupply> $kept how the household keeps them, by supply
     * @param list<string> $ids of what else is about
     *
     * @return array<string, Supply> every agent, and of the others those that are about, by id
     */
    public function of(array $kept, array $ids): array
    {
        $supplies = $this->handbook->chemistry()->supplies;
        foreach ([...$ids, ...array_keys($kept)] as $id) {
            $supply = $supplies[$id] ?? self::made($id, $kept[$id] ?? null);
            if (null !== $supply) {
                $supplies[$id] = $supply;
            }
        }

        return $supplies;
    }

    /**
     * What a person may write an entry about.
     *
     * @return array{Supply, Machine|null}|null with the machine that a part goes into; null where this household has no such thing
     */
    public function find(Household $household, string $id): ?array
    {
        $part = Supply::partOf($id);
        if (null !== $part) {
            $machine = $household->machines()->find(strtoupper($part[0])) ?? $household->machines()->find($part[0]);

            return $machine instanceof Machine && isset($this->parts->of($machine)[$part[1]])
                ? [Supply::ofPart($machine->id, $part[1]), $machine] : null;
        }
        $kept = HouseholdSupply::query()->where('household_id', $household->id)->where('supply', $id)->first();
        $tool = Supply::toolOf($id);
        $supply = $this->handbook->chemistry()->supplies[$id] ?? match (true) {
            null !== $tool => isset($this->handbook->cupboard()->tools[$tool]) ? self::made($id, null) : null,
            default => null === $kept ? null : self::made($id, $kept),
        };

        return null === $supply ? null : [$supply, null];
    }

    /** @return string|null id of what the household knows by this name; null for nothing */
    public function named(Household $household, string $name): ?string
    {
        $called = mb_strtolower(trim($name));
        $own = array_keys(HouseholdSupply::of($household));
        $names = [
            ...array_map(fn (Supply $supply): string => $this->handbook->agent($supply->id)->name, $this->handbook->chemistry()->supplies),
            ...array_column(array_map(
                static fn (string $tool, string $named): array => [Supply::ofTool($tool)->id, $named],
                array_keys($this->handbook->cupboard()->tools),
                $this->handbook->cupboard()->tools,
            ), 1, 0),
            ...array_filter(array_map(Supply::ownName(...), array_combine($own, $own))),
        ];
        $found = array_search($called, array_map(mb_strtolower(...), $names), true);

        return false === $found ? null : (string) $found;
    }

    private static function made(string $id, ?HouseholdSupply $kept): ?Supply
    {
        $part = Supply::partOf($id);
        $tool = Supply::toolOf($id);
        $own = Supply::ownName($id);

        return match (true) {
            null !== $part => Supply::ofPart(...$part),
            null !== $tool => Supply::ofTool($tool),
            // One that was taken out of the cupboard stays in the logbook only.
            null !== $own && null !== $kept => Supply::ofOwn(
                $own,
                PortionUnit::tryFrom($kept->unit ?? '') ?? PortionUnit::Pieces,
                $kept->package ?? 1.0,
            ),
            default => null,
        };
    }
}
