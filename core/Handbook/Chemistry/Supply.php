<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Chemistry;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/** Something that is kept in the cupboard: what it is counted in, the packages it is sold in, and how it ages. */
final readonly class Supply
{
    private const HALF_YEAR = 182.5;
    private const PART = 'part.';
    private const TOOL = 'tool.';
    private const OWN = 'own.';

    /**
     * @param string $id of the agent, of a part on its machine, of a tool, or of what a household has added
     * @param non-empty-list<float> $packages in its unit, above 0, the usual one first
     * @param float|null $density grams in a millilitre; null where the one unit does not go into the other
     * @param float $fades share of its strength lost in half a year, 0 to 1
     * @param int|null $keeps months after which it is not relied on
     * @param int|null $opened months after it was first opened, after which it is not relied on
     * @param bool $needsDry whether damp spoils it
     * @param bool $needsAir whether it must never be shut tight once it is wet
     */
    public function __construct(
        public string $id,
        public PortionUnit $unit,
        public array $packages,
        public ?float $density = null,
        public float $fades = 0.0,
        public ?int $keeps = null,
        public ?int $opened = null,
        public bool $needsDry = false,
        public bool $needsAir = false,
        public SupplyKind $kind = SupplyKind::Agent,
    ) {
    }

    public static function read(Node $node): self
    {
        $months = static fn (string $field): ?int => $node->has($field) ? (int) $node->number($field) : null;

        return new self(
            id: $node->string('id'),
            unit: PortionUnit::from($node->string('unit')),
            packages: array_values($node->at('packages')->numbers()) ?: [1.0],
            density: $node->has('density') ? $node->number('density') : null,
            fades: $node->has('fades') ? $node->number('fades') : 0.0,
            keeps: $months('keeps'),
            opened: $months('opened'),
            needsDry: $node->flag('dry'),
            needsAir: $node->flag('air'),
        );
    }

    /** A part that is replaced on one machine. */
    public static function ofPart(string $machine, string $part): self
    {
        return new self(self::partId($machine, $part), PortionUnit::Pieces, [1.0], kind: SupplyKind::Part);
    }

    /** @param string $kit id of a thing that is put within reach before a round */
    public static function ofTool(string $kit): self
    {
        return new self(self::TOOL.$kit, PortionUnit::Pieces, [1.0], kind: SupplyKind::Tool);
    }

    /**
     * Something that a household keeps and the handbook does not know.
     *
     * @param float $package that it is sold in, above 0
     */
    public static function ofOwn(string $name, PortionUnit $unit, float $package): self
    {
        return new self(self::ownId($name), $unit, [$package], kind: SupplyKind::Own);
    }

    /** @param string $machine id */
    public static function partId(string $machine, string $part): string
    {
        return self::PART.strtolower($machine).".$part";
    }

    public static function ownId(string $name): string
    {
        return self::OWN.trim((string) preg_replace('/\s+/u', ' ', $name));
    }

    /** @return array{string, string}|null id of the machine in small letters, and the part; null for anything else */
    public static function partOf(string $id): ?array
    {
        return 1 === preg_match('/^'.preg_quote(self::PART, '/').'([0-9a-z]+)\.(.+)$/', $id, $match) ? [$match[1], $match[2]] : null;
    }

    /** @return string|null id of the kit; null for anything else */
    public static function toolOf(string $id): ?string
    {
        return str_starts_with($id, self::TOOL) ? substr($id, strlen(self::TOOL)) : null;
    }

    /** @return string|null what the household calls it; null for what the handbook knows */
    public static function ownName(string $id): ?string
    {
        return str_starts_with($id, self::OWN) ? substr($id, strlen(self::OWN)) : null;
    }

    /**
     * Share of its strength that it still has.
     *
     * @param float $days since it was bought, 0 or more
     *
     * @return float 0 to 1
     */
    public function strengthAfter(float $days): float
    {
        return (1.0 - $this->fades) ** ($days / self::HALF_YEAR);
    }

    /** So much of it in its own unit; null where the one does not go into the other. */
    public function inUnit(Portion $portion): ?float
    {
        return match (true) {
            $portion->unit === $this->unit => $portion->count,
            null === $this->density => null,
            PortionUnit::Grams === $this->unit && PortionUnit::Millilitres === $portion->unit => $portion->count * $this->density,
            PortionUnit::Millilitres === $this->unit && PortionUnit::Grams === $portion->unit => $portion->count / $this->density,
            default => null,
        };
    }
}
