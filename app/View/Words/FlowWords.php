<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Support\Scalar;
use GoodRinse\Core\Flow\ArmMotion;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\Ring;
use GoodRinse\Core\Flow\Spray;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Support\Str;

/** Says what an arm does for the rack. The drawing's script puts the same sentences together from texts(). */
final readonly class FlowWords
{
    /** A ring that loses less than this is not spoken of. */
    private const WORTH_SAYING = 0.03;

    private Spray $spray;

    public function __construct(Handbook $handbook)
    {
        $this->spray = new Spray($handbook->measureModel()->flow);
    }

    /**
     * Sentences of one arm, the one that matters most first.
     *
     * @param list<array{to: float, name: string, holds: string}> $rings
     *
     * @return list<string>
     */
    public function sentences(SprayArm $arm, array $rings): array
    {
        $sentences = [];
        $percent = ['percent' => (string) self::percent($this->spray->coverage($arm) ?? 0.0)];
        if (ArmMotion::Spins !== $arm->motion && null !== $this->spray->coverage($arm)) {
            $sentences[] = ArmMotion::Stuck === $arm->motion
                ? self::text('stands', $percent)
                : self::text('hits', $percent + ['hour' => (string) $arm->hitsAt]);
        } else {
            $sentences = array_map(
                static fn (array $dull): string => self::text('dull', [
                    'Share' => Str::ucfirst($dull[0]),
                    'ring' => $dull[1],
                    'holds' => $dull[2],
                ]),
                $this->dull($arm, $rings),
            );
            $sentences = [] === $sentences && [] !== $arm->jetsOf(JetSide::Top) ? [self::text('fine')] : $sentences;
        }
        $under = $arm->openness(JetSide::Under);

        return null === $under || $under >= 1.0
            ? $sentences
            : [...$sentences, self::text('under', ['percent' => (string) self::percent($under)])];
    }

    /**
     * Rings that lose water to shut jets.
     *
     * @param list<array{to: float, name: string, holds: string}> $rings
     *
     * @return list<array{string, string, string, float}> share in words, the ring, what stands there, and the share; the most first
     */
    public function dull(SprayArm $arm, array $rings): array
    {
        $open = new SprayArm($arm->id, array_map(
            static fn (Jet $jet): Jet => new Jet($jet->place, $jet->side, $jet->bore),
            $arm->jets,
        ));
        $dull = [];
        $from = 0.0;
        foreach ($rings as $ring) {
            $place = new Ring($from, $ring['to']);
            $lost = ($this->spray->dullShare($arm, $place) ?? 0.0) - ($this->spray->dullShare($open, $place) ?? 0.0);
            if ($lost >= self::WORTH_SAYING) {
                $dull[] = [self::share($lost), $ring['name'], $ring['holds'], $lost];
            }
            $from = $ring['to'];
        }

        usort($dull, static fn (array $a, array $b): int => $b[3] <=> $a[3]);

        return $dull;
    }

    /** A share in words, "about a third of". */
    public static function share(float $share): string
    {
        $words = '';
        foreach (self::shares() as [$from, $text]) {
            $words = $share >= $from ? $text : $words;
        }

        return $words;
    }

    public static function percent(float $share): int
    {
        return (int) round($share * 100);
    }

    /** @return array<string, mixed> what the drawing's script puts its sentences together from */
    public static function texts(): array
    {
        $texts = ['worthSaying' => self::WORTH_SAYING, 'shares' => self::shares(), 'state' => (array) __('measures.jets.state')];
        foreach (['open', 'under', 'fine', 'dull', 'stands', 'hits', 'jet'] as $key) {
            $texts[$key] = self::text($key);
        }

        return $texts;
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("measures.jets.$key", $values));
    }

    /** @return list<array{float, string}> from which share on it is said so */
    private static function shares(): array
    {
        $shares = [];
        foreach ((array) __('measures.jets.shares') as $share) {
            $share = (array) $share;
            $shares[] = [is_numeric($share['from'] ?? null) ? (float) $share['from'] : 0.0, Scalar::text($share['text'] ?? '')];
        }

        return $shares;
    }
}
