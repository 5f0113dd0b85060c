<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Core\CoreTestCase;

/** Whatever a step speaks of is in its kit, on every machine. */
final class KitWordsTest extends CoreTestCase
{
    /** What a sentence calls a thing, and the things of the kit that may be meant. */
    private const THINGS = [
        'torch' => ['torch'],
        '(?<!not )gloves' => ['gloves', 'rubber-gloves', 'cut-gloves'],
        'goggles' => ['goggles'],
        'newspaper' => ['newspaper'],
        'saucer' => ['saucer'],
        'dark plate' => ['dark-plate'],
        'jar' => ['jar'],
        'bottle brush' => ['bottle-brush'],
        'mirror or' => ['mirror'],
        'in(?:to)? a (?:bucket|pail)' => ['pail'],
        'in a bowl' => ['bowl', 'small-bowl'],
        'cup first|(?:pour|through) a cup of water' => ['mug', 'jug'],
        'write the date' => ['pen'],
        'through a strainer' => ['strainer'],
        '(?:stainless|steel) polish' => ['polish'],
        '(?:soft|the) brush' => ['soft-brush'],
        '(?:stiff|metal) brush' => ['stiff-brush'],
        'tweezers' => ['tweezers'],
        'paper clip' => ['clip'],
        'toothpick' => ['wooden-pick'],
        'cloth' => ['cloth', 'dry-cloth'],
        'long brush' => ['long-brush'],
        'towel' => ['towel'],
        'in(?:to)? the bin' => ['bin'],
        'sponge' => ['baster'],
        'in a (?:cup|mug) of' => ['mug', 'jug'],
        'funnel' => ['funnel'],
        'pliers' => ['pliers', 'tweezers'],
    ];

    #[DataProviderExternal(CareRulesTest::class, 'procedures')]
    public function test_what_a_step_names_is_in_its_kit(Procedure $procedure): void
    {
        foreach ($procedure->steps as $step) {
            foreach (null !== $step->putsBack || $step->kit ? [] : self::THINGS as $words => $things) {
                $text = self::withoutAims(implode(' ', [
                    $step->title,
                    $step->instruction,
                    ...array_map(static fn (string $id): string => self::handbook()->caution($id)->title, $step->cautions),
                ]));
                $names = 1 === preg_match("~\\b$words\\b(?! comes near)~i", $text);
                self::assertTrue(!$names || [] !== array_intersect($things, $step->tools), "$step->id speaks of “$words”: $text");
            }
        }
    }

    #[DataProviderExternal(CareRulesTest::class, 'procedures')]
    public function test_what_is_poured_into_a_bucket_or_a_bowl_has_one_in_its_kit(Procedure $procedure): void
    {
        $vessels = ['bucket' => ['pail'], 'dish' => ['bowl', 'small-bowl', 'saucer']];
        $missing = [];
        foreach ($procedure->steps as $step) {
            foreach ($step->amounts as $amount) {
                $isSprayed = 'soapy-spray' === $amount->agent;
                if (isset($vessels[$amount->vessel]) && !$isSprayed && [] === array_intersect($vessels[$amount->vessel], $step->tools)) {
                    $missing[] = "$step->id, $amount->vessel";
                }
            }
        }
        self::assertSame([], $missing);
    }

    #[DataProviderExternal(CareRulesTest::class, 'procedures')]
    public function test_soap_that_is_used_is_measured_out(Procedure $procedure): void
    {
        $poured = false;
        foreach ($procedure->steps as $step) {
            foreach ($step->amounts as $amount) {
                $poured = $poured || in_array('soap', self::handbook()->agent($amount->agent)->families, true);
            }
            $uses = 1 === preg_match('~(?:drop|squirt) of soap|with soap|soapy~i', "$step->title $step->instruction");
            self::assertTrue($poured || !$uses, "$step->id takes soap: $step->title $step->instruction");
        }
    }

    /** The text without things that are found or avoided there and not used. */
    private static function withoutAims(string $text): string
    {
        return (string) preg_replace('~Seeds, labels, toothpicks|in the direction of the brushed lines~', '', $text);
    }
}
