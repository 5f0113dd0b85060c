<?php

declare(strict_types=1);

namespace Tests\Core\Trace;

use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\Machine\FaultCase;
use GoodRinse\Core\Trace\Machine\MachineFaults;
use GoodRinse\Core\Trace\Prices;
use GoodRinse\Core\Trace\RankedOption;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** The order in which somebody who mends such machines would look, in the cases that everybody meets. */
final class ClassicCasesTest extends CoreTestCase
{
    private const CARDS = 14;
    private const PLUMBED = ['filter' => 'twist-out', 'arms' => 'two', 'airGap' => 'air-gap', 'disposer' => 'disposer', 'sump' => 'dry'];

    /** @return iterable<string, array{string, array<string, string>, list<string>, string, array<string, float>, list<string>}> */
    public static function cases(): iterable
    {
        // Whose water it is and what the pump does cost nothing; then bail and look, then the disposer, then toward the sink.
        yield 'water' => ['dishwasher', self::PLUMBED, ['standing-water'], 'hose-clogged', [], [
            'water-kind', 'disposer-new', 'listen', 'air-gap-cap', 'well-look', 'filter-light', 'run-disposer', 'drain',
        ]];
        // A pump that makes no sound is not looked into: breaker and call.
        yield 'water and a silent pump' => ['dishwasher', self::PLUMBED, ['standing-water'], 'drain-pump-dead', [], [
            'water-kind', 'disposer-new', 'listen', 'call',
        ]];
        // Glass is looked for before a hand goes in; what is seen is taken out with tweezers.
        yield 'noise after broken glass' => ['dishwasher', ['filter' => 'twist-out'], ['noise'], 'glass-in-pump', [], [
            'shards', 'listen', 'clear-sump',
        ]];
        // On a screwed assembly the way to it is the strip-down, and not a job that leaves it on.
        yield 'noise under a screwed cover' => ['dishwasher', ['filter' => 'screwed'], ['noise'], 'sump-debris', [], [
            'shards', 'well-look', 'spin', 'strip',
        ]];
        // A filter that is overdue is held to the light first.
        yield 'weak spray' => ['dishwasher', ['filter' => 'twist-out'], ['weak-spray'], 'filter-clogged', ['filter' => 1.6], [
            'filter-light', 'clean-filter',
        ]];
        // Clean below, dirty above: does anything stop the arm? Then its jets.
        yield 'upper rack' => ['dishwasher', ['filter' => 'twist-out', 'arms' => 'two'], ['upper-dirty'], 'upper-jets', ['arms' => 1.5], [
            'arm-hit', 'clear-arms',
        ]];
        // A new disposer has a plug; there is nothing to look into first.
        yield 'smell with a new disposer' => ['dishwasher', self::PLUMBED, ['smell', 'new-disposer-no-drain'], 'plug-left-in', [], [
            'knock-plug',
        ]];
        // Film where water is hard: look at salt and rinse aid before any acid.
        yield 'film in hard water' => ['dishwasher', ['softener' => 'salt'], ['film'], 'no-salt', ['salt' => 1.8], ['levels', 'fill-salt']];
        // Under the machine or at the door decides; then the seal, and what strikes the door from inside.
        yield 'foam at the door' => ['dishwasher', ['filter' => 'twist-out'], ['leak'], 'soap-residue', [], [
            'leak-where', 'folds', 'spin', 'rinse-suds',
        ]];
        // A filter cleaned yesterday is clean; it was not locked.
        yield 'grit after a refit' => ['dishwasher', ['filter' => 'twist-out'], ['grit'], 'filter-loose', ['filter' => 0.02], [
            'filter-pull', 'lock-filter',
        ]];
        // Slow and overdue is lime.
        yield 'slow brewer' => ['drip-brewer', [], ['slow'], 'scale', ['descale' => 1.4], ['descale']];
        // Bitter from a machine that is clean is the coffee, and never a call.
        yield 'bitter brewer' => ['drip-brewer', [], ['bitter'], 'coffee-itself', ['descale' => 0.0, 'daily' => 0.1], ['other-coffee']];
        // Weak or dripping: is the duct thick with grease, which is fire, and then the filters.
        yield 'weak hood' => ['hood', ['air' => 'outside'], ['weak'], 'filters-full', ['grease' => 1.5], ['duct-torch', 'wash']];
        yield 'dripping hood' => ['hood', ['air' => 'outside'], ['drips'], 'filters-full', [], ['duct-torch', 'wash']];
    }

    /**
     * @param array<string, string> $traits
     * @param non-empty-list<string> $noticed
     * @param array<string, float> $wear
     * @param list<string> $cards
     */
    #[DataProvider('cases')]
    public function test_the_order_of_cards(string $kind, array $traits, array $noticed, string $cause, array $wear, array $cards): void
    {
        $trouble = self::handbook()->trouble($kind);
        self::assertNotNull($trouble);
        $faults = new MachineFaults($trouble);
        $group = $faults->suspects(new FaultCase($traits, new Prices(20, 120), $noticed, wear: $wear))->groups()[0]->symptoms;
        $seen = $answers = $failed = [];
        while (count($seen) < self::CARDS) {
            $case = new FaultCase($traits, new Prices(20, 120), $group, wear: $wear, answers: $answers);
            $card = Diagnosis::of($faults->model($case), new Evidence($answers, $failed), new Evidence())->deck[0];
            $seen[] = $card->id;
            if (RankedOption::CHECK === $card->kind) {
                $answers[] = [$card->id, self::shown($kind, $card->id, $cause)];
            } elseif (RankedOption::CALL === $card->kind || ($trouble->actions[$card->id]->fixes[$cause] ?? 0.0) >= 0.5) {
                break;
            } else {
                $failed[] = $card->id;
            }
        }

        self::assertSame($cards, $seen);
    }

    /** @return iterable<string, array{list<string>}> what may be noticed beside the noise */
    public static function withNoise(): iterable
    {
        foreach (array_keys(self::handbook()->trouble('dishwasher')->symptoms ?? []) as $symptom) {
            yield "noise and $symptom" => [array_values(array_unique(['noise', $symptom]))];
        }
    }

    /** @param non-empty-list<string> $noticed */
    #[DataProvider('withNoise')]
    public function test_debris_and_shards_come_before_bearings(array $noticed): void
    {
        $trouble = self::handbook()->trouble('dishwasher');
        self::assertNotNull($trouble);
        $case = new FaultCase(['disposer' => 'disposer'], new Prices(20, 120), $noticed);
        foreach ((new MachineFaults($trouble))->suspects($case)->groups() as $group) {
            if (in_array('noise', $group->symptoms, true)) {
                $hard = max($group->suspects['sump-debris'] ?? 0.0, $group->suspects['glass-in-pump'] ?? 0.0);
                self::assertGreaterThan($group->suspects['bearings-worn'] ?? 0.0, $hard);
            }
        }
    }

    /** The result that the cause shows most often. */
    private static function shown(string $kind, string $check, string $cause): string
    {
        $best = '';
        $most = -1.0;
        foreach (self::handbook()->trouble($kind)->checks[$check]->results ?? [] as $result) {
            if ($result->chance($cause) > $most) {
                [$best, $most] = [$result->id, $result->chance($cause)];
            }
        }

        return $best;
    }
}
