<?php

declare(strict_types=1);

namespace App\View\Words;

use App\Support\Scalar;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Measure\LimeShare;
use GoodRinse\Core\Measure\PotTime;
use GoodRinse\Core\Quantity\Hardness;

/** Says how much lime there is, what acid does about it, and how long a pot takes. */
final readonly class LimeWords
{
    /** Grams of lime below which it is not spoken of. */
    private const WORTH_SAYING = 0.1;

    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * @param float $slowFrom share by which it must have become slower than clean
     * @param bool $isNew whether it has never been descaled here
     */
    public function head(float $grams, PotTime $time, float $slowFrom, bool $isNew): string
    {
        return $time->isSlow($slowFrom)
            ? self::text('head_slow', ['percent' => self::percent($time->slowedBy)])
            : self::text($grams < self::WORTH_SAYING ? 'head_none' : ($isNew ? 'head_new' : 'head'), ['grams' => self::grams($grams)]);
    }

    /** @return list<array{string, string}> what, and how it is computed */
    public function sums(
        Hardness $water,
        bool $isGuessed,
        float $litres,
        float $grams,
        LimeShare $share,
        float $limit,
        string $useUnit,
        float $litresPerUse,
    ): array {
        $in = HouseMeasures::field('litres');
        $doses = $this->handbook->doseModel();
        $volume = static fn (float $litres): string => Uses::number(round($in->written($litres), 1)).' '.Uses::unit('litres');
        $values = [
            'hardness' => Uses::number(round($water->mgPerLitre)),
            'degrees' => Uses::number(round($water->mgPerLitre / $doses->hardnessUnits['dH'], 1)),
            'litres' => $volume($litres),
            'uses' => Uses::counted($litresPerUse > 0 ? $litres / $litresPerUse : 0.0, $useUnit),
            'limit' => $volume($limit),
            'share' => Numbers::upTo($doses->deposited * $share->factor, 3),
            'plain' => Uses::number(round($litres, 1)),
            'grams' => self::grams($grams),
            'low' => self::grams($grams / $share->spread),
            'high' => self::grams($grams * $share->spread),
        ];
        $sums = [];
        foreach (['water', 'heated', 'lime', 'limit'] as $what) {
            $key = match (true) {
                'water' === $what && $isGuessed => 'water_guess',
                'lime' === $what && $grams < self::WORTH_SAYING => 'lime_none',
                'lime' === $what && !$in->isKept() => 'lime_plain',
                default => $what,
            };
            $sums[] = [self::text("what.$what"), self::text("sum.$key", $values)];
        }

        return $sums;
    }

    /** @param array{float, float} $usual brews */
    public function gauge(float $litres, float $limit, array $usual, string $useUnit): string
    {
        $in = HouseMeasures::field('litres');

        return self::text('gauge', [
            'litres' => Uses::number(round($in->written($litres), 1)),
            'limit' => Uses::number(round($in->written($limit), 1)).' '.Uses::unit('litres'),
            'usual' => Uses::number($usual[0]).'–'.Uses::number($usual[1]).' '.Uses::unit($useUnit),
        ]);
    }

    /** @return list<string> */
    public function acid(float $capacity, float $passes, float $stand, int $rinses, float $grams): array
    {
        $values = [
            'capacity' => self::grams($capacity),
            'grams' => self::grams($grams),
            'passes' => Uses::number($passes),
            'stand' => Uses::minutes($stand),
            'rinses' => Uses::number($rinses),
        ];

        return [
            self::text(match (true) {
                $grams < self::WORTH_SAYING => 'acid.hardly',
                $passes <= 1 => 'acid.enough',
                default => 'acid.more',
            }, $values),
            self::text('acid.stand', $values),
            self::text('acid.rinse', $values),
        ];
    }

    public function tooLittle(): string
    {
        return self::text('acid.too_little');
    }

    /** @return list<string> */
    public function time(PotTime $time, float $slowFrom, string $use): array
    {
        $values = [
            'use' => $use,
            'normal' => $this->minutes($time->normal ?? 0.0),
            'newest' => $this->minutes($time->newest ?? 0.0),
            'percent' => self::percent($time->slowedBy),
            'count' => (string) count($time->clean),
            'slow' => $this->minutes(($time->normal ?? 0.0) * (1 + $slowFrom)),
        ];
        if (null === $time->normal) {
            return [self::text(null === $time->newest ? 'time.none' : 'time.no_normal', $values)];
        }
        $normal = self::text(1 === count($time->clean) ? 'time.normal_one' : 'time.normal', $values);

        return match (true) {
            null === $time->newest => [$normal, self::text('time.none_since', $values)],
            $time->isSlow($slowFrom) => [self::text('time.slow', $values), $normal],
            default => [self::text('time.fine', $values), $normal],
        };
    }

    /** @return list<string> */
    public function share(LimeShare $share): array
    {
        $values = ['factor' => Numbers::upTo($share->factor, 2), 'descalings' => (string) $share->descalings];

        return [self::text(match (true) {
            0 === $share->descalings => 'share.none',
            1 === $share->descalings => 'share.one',
            default => 'share.many',
        }, $values)];
    }

    /** An amount of an acid as the household writes it. */
    public function amount(string $agent, float $amount): string
    {
        return Uses::number(round(HouseMeasures::field($this->keptIn($agent))->written($amount), 1));
    }

    public function amountUnit(string $agent): string
    {
        return HouseMeasures::field($this->keptIn($agent))->name;
    }

    /** What amounts of an acid are kept in: "ml" of a vinegar, else "g". */
    public function keptIn(string $agent): string
    {
        return in_array($agent, $this->handbook->doseModel()->vinegars(), true) ? 'ml' : 'g';
    }

    /** "6:20 min". */
    public function minutes(float $minutes): string
    {
        return Uses::clock($minutes);
    }

    private static function grams(float $grams): string
    {
        $in = HouseMeasures::field('g');

        return Uses::number(round($in->written($grams), $grams < 10 || !$in->isKept() ? 1 : 0))." $in->name";
    }

    private static function percent(float $share): string
    {
        return (string) (int) round($share * 100);
    }

    /** @param array<string, string> $values */
    private static function text(string $key, array $values = []): string
    {
        return Scalar::text(__("measures.lime.$key", $values));
    }
}
