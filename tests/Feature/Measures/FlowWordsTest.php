<?php

declare(strict_types=1);

namespace Tests\Feature\Measures;

use App\View\Words\FlowWords;
use GoodRinse\Core\Flow\ArmMotion;
use GoodRinse\Core\Flow\CupReading;
use GoodRinse\Core\Flow\CupTest;
use GoodRinse\Core\Flow\Jet;
use GoodRinse\Core\Flow\JetSide;
use GoodRinse\Core\Flow\SprayArm;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Simulation\Dice;
use Tests\Fuzz\RandomArm;
use Tests\TestCase;

/** What a page says of an arm or a cup is what its script says while a finger is on it: tests/Script/words.test.js reads the same. */
final class FlowWordsTest extends TestCase
{
    private const GOLDEN = __DIR__.'/../../fixtures/flow/words.json';
    private const RINGS = [
        ['to' => 0.35, 'name' => 'the middle', 'holds' => 'bowls'],
        ['to' => 0.7, 'name' => 'the middle ring', 'holds' => 'plates'],
        ['to' => 1.0, 'name' => 'the outer ring', 'holds' => 'pans'],
    ];

    public function test_the_golden_file_is_what_the_page_says(): void
    {
        $golden = json_encode(['words' => FlowWords::texts()] + $this->arms() + $this->cups(), JSON_THROW_ON_ERROR
            | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE)."\n";
        if (getenv('GOODRINSE_WRITE_GOLDEN')) {
            file_put_contents(self::GOLDEN, $golden);
        }
        self::assertSame((string) file_get_contents(self::GOLDEN), $golden);
    }

    /** @return array<string, mixed> */
    private function arms(): array
    {
        $words = new FlowWords(app(Handbook::class));
        $flow = app(Handbook::class)->measureModel()->flow;
        $random = new RandomArm(new Dice(11));
        $arms = [];
        for ($i = 0; $i < 120; ++$i) {
            $arm = $random->arm(most: 14);
            $arms[] = [
                array_map(static fn (Jet $jet): array => [$jet->place, $jet->side->value, $jet->bore, $jet->blocked], $arm->jets),
                $arm->motion->value,
                $arm->hitsAt,
                $words->sentences($arm, self::RINGS),
            ];
        }

        return [
            'model' => ['ringWidth' => $flow->ringWidth, 'wetsWhileBlocked' => $flow->wetsWhileBlocked, 'sector' => $flow->sector],
            'rings' => self::RINGS,
            'arms' => $arms,
        ];
    }

    /** @return array<string, mixed> */
    private function cups(): array
    {
        $model = app(Handbook::class)->measureModel()->flow;
        $dice = new Dice(12);
        $cups = [];
        for ($i = 0; $i < 120; ++$i) {
            $looks = [[0.0, 0.0, false]];
            for ($n = $dice->between(1, 4), $minute = $ml = 0.0; $n > 0; --$n) {
                $minute += round(0.5 + 3 * $dice->uniform(), 1);
                $ml += round(150 * $dice->uniform(), 0);
                $looks[] = [$minute, $ml, $ml > 330];
            }
            $baseline = 0 === $dice->between(0, 4) ? null : 120.0;
            $result = (new CupTest($model))->judge(
                array_map(static fn (array $look): CupReading => new CupReading($look[0], $look[1], $look[2]), $looks),
                $baseline,
            );
            $cups[] = [$looks, $baseline, $result->verdict->value, round($result->rate, 9)];
        }

        return [
            'cup' => ['good' => $model->good, 'weak' => $model->weak, 'span' => $model->span, 'checks' => $model->checks],
            'cups' => $cups,
        ];
    }

    public function test_the_ring_that_loses_most_comes_first_and_what_never_had_water_is_not_spoken_of(): void
    {
        $words = new FlowWords(app(Handbook::class));
        $jet = static fn (float $place, float $blocked): Jet => new Jet($place, JetSide::Top, 2.5, $blocked);
        $open = new SprayArm('lower', [$jet(0.5, Jet::OPEN)]);
        $shut = new SprayArm('lower', [$jet(0.5, Jet::SHUT), $jet(0.85, Jet::SHUT), $jet(0.9, Jet::SHUT)]);

        self::assertSame([__('measures.jets.fine')], $words->sentences($open, self::RINGS));
        self::assertStringContainsString('outer ring', $words->sentences($shut, self::RINGS)[0]);
        self::assertStringContainsString('pans', $words->sentences($shut, self::RINGS)[0]);
        $stuck = new SprayArm('lower', $shut->jets, ArmMotion::Stuck);
        self::assertSame([__('measures.jets.stands', ['percent' => '0'])], $words->sentences($stuck, self::RINGS));
    }
}
