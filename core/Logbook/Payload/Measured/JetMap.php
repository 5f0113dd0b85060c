<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload\Measured;

use GoodRinse\Core\Flow\ArmMotion;
use GoodRinse\Core\Flow\InvalidFlow;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Fraction;

/** Every jet of the spray arms as it was seen, and what stands over them. The newest one is how the arms are. */
final readonly class JetMap implements Payload
{
    /** Arms that were only drawn: their jets say nothing of how open they are. */
    public const DRAWN = 'drawn';

    /** As they were before anything was cleaned. */
    public const FOUND = 'found';

    /** As they went back. */
    public const LEFT = 'left';

    private const MOST_JETS = 60;
    private const MOST_RINGS = 6;
    private const LONGEST_NAME = 60;

    /**
     * @param non-empty-list<SprayArm> $arms
     * @param array<string, list<array{float, string}>> $stands by arm: how far each ring reaches (0 to 1), and what the
     *     household puts there
     * @param string $means one of the constants
     */
    public function __construct(public array $arms, public array $stands, public string $means)
    {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        $means = $fields->text('means');
        if (!in_array($means, [self::DRAWN, self::FOUND, self::LEFT], true)) {
            throw MalformedEntry::value(EntryKind::Jets, 'means');
        }

        try {
            return self::parse($fields->text('arms'), $means);
        } catch (InvalidFlow) {
            throw MalformedEntry::value(EntryKind::Jets, 'arms');
        }
    }

    /**
     * Reads what toArray() or the drawing made of the arms.
     *
     * @param string $json list of {id, motion, hitsAt, jets: [[place, side, bore, blocked]], stands: [[to, what]]}
     *
     * @throws MalformedEntry when it is no such list
     * @throws InvalidFlow for a jet or arm that cannot be
     */
    public static function parse(string $json, string $means): self
    {
        try {
            $list = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw MalformedEntry::value(EntryKind::Jets, 'arms');
        }
        $arms = $stands = [];
        foreach (is_array($list) ? $list : [] as $arm) {
            [$read, $rings] = is_array($arm) ? self::readArm($arm) : throw MalformedEntry::value(EntryKind::Jets, 'arms');
            if (isset($stands[$read->id])) {
                throw MalformedEntry::value(EntryKind::Jets, 'arms');
            }
            $arms[] = $read;
            $stands[$read->id] = $rings;
        }

        return [] === $arms ? throw MalformedEntry::value(EntryKind::Jets, 'arms') : new self($arms, $stands, $means);
    }

    /**
     * Share of all jets that is shut, by their area, 0 to 1; null without any jet, or where they were only drawn.
     */
    public function blocked(): ?Fraction
    {
        $open = self::DRAWN === $this->means
            ? null
            : (new SprayArm('all', array_merge(...array_map(static fn (SprayArm $arm): array => $arm->jets, $this->arms))))->openness();

        return null === $open ? null : Fraction::of(max(0.0, min(1.0, 1 - $open)));
    }

    public function arm(string $id): ?SprayArm
    {
        foreach ($this->arms as $arm) {
            if ($arm->id === $id) {
                return $arm;
            }
        }

        return null;
    }

    /** The same arms, taken for something else. */
    public function as(string $means): self
    {
        return new self($this->arms, $this->stands, $means);
    }

    public function kind(): EntryKind
    {
        return EntryKind::Jets;
    }

    public function toArray(): array
    {
        return ['means' => $this->means, 'arms' => json_encode(array_map(fn (SprayArm $arm): array => [
            'id' => $arm->id,
            'motion' => $arm->motion->value,
            'hitsAt' => $arm->hitsAt,
            'jets' => array_map(static fn (Jet $jet): array => [$jet->place, $jet->side->value, $jet->bore, $jet->blocked], $arm->jets),
            'stands' => $this->stands[$arm->id] ?? [],
        ], $this->arms), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE)];
    }

    /**
     * @param array<array-key, mixed> $arm
     *
     * @return array{SprayArm, list<array{float, string}>}
     */
    private static function readArm(array $arm): array
    {
        [$id, $jets, $rings, $hitsAt] = [$arm['id'] ?? null, $arm['jets'] ?? null, $arm['stands'] ?? [], $arm['hitsAt'] ?? null];
        $motion = is_string($arm['motion'] ?? null) ? ArmMotion::tryFrom($arm['motion']) : null;
        if (
            !is_string($id)
            || 1 !== preg_match('/^[a-z][a-z0-9-]{0,39}$/D', $id)
            || !is_array($jets)
            || !is_array($rings)
            || count($jets) > self::MOST_JETS
            || count($rings) > self::MOST_RINGS
            || null === $motion
            || (null !== $hitsAt && !is_int($hitsAt))
        ) {
            throw MalformedEntry::value(EntryKind::Jets, 'arms');
        }
        $read = new SprayArm($id, array_map(self::jet(...), array_values($jets)), $motion, ArmMotion::Hits === $motion ? $hitsAt : null);
        $read->ensureApart();

        return [$read, array_map(self::ring(...), array_values($rings))];
    }

    private static function jet(mixed $jet): Jet
    {
        [$place, $side, $bore, $blocked] = is_array($jet) ? array_values($jet) + [null, null, null, null] : [null, null, null, null];
        $side = is_string($side) ? JetSide::tryFrom($side) : null;

        return null === $side
            ? throw MalformedEntry::value(EntryKind::Jets, 'jets')
            : new Jet(self::number($place), $side, self::number($bore), self::number($blocked));
    }

    private static function number(mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : throw MalformedEntry::value(EntryKind::Jets, 'jets');
    }

    /** @return array{float, string} */
    private static function ring(mixed $ring): array
    {
        [$to, $what] = is_array($ring) ? array_values($ring) + [null, null] : [null, null];
        if ((!is_int($to) && !is_float($to)) || $to <= 0 || $to > 1 || !is_string($what) || mb_strlen($what) > self::LONGEST_NAME) {
            throw MalformedEntry::value(EntryKind::Jets, 'stands');
        }

        return [(float) $to, $what];
    }
}
