<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\View\Drawing\KitchenFigure;
use GoodRinse\Core\Handbook\Handbook;
use Tests\TestCase;

/** A step that takes a part off or puts it back shows where on the machine that part is. */
final class PartPlacesTest extends TestCase
{
    public function test_every_part_that_a_step_takes_off_or_cares_for_has_a_place_in_the_drawing_of_its_machine(): void
    {
        $handbook = $this->app->make(Handbook::class);
        $missing = [];
        foreach (array_keys($handbook->kindNames()) as $id) {
            $kind = $handbook->kind($id);
            $parts = [];
            foreach (array_keys($kind->procedureNames) as $procedure) {
                foreach ($kind->procedures->procedure($procedure)->steps as $step) {
                    array_push($parts, ...array_filter([$step->takesOff, $step->putsBack]));
                }
            }
            foreach (array_unique($parts) as $part) {
                $figure = KitchenFigure::at($id, $part);
                if (null === $figure || max($figure->spot) > 116 || min($figure->spot) < 4) {
                    $missing[] = "$id: $part";
                }
            }
        }

        self::assertSame([], $missing);
    }

    public function test_the_part_in_hand_is_pointed_at_with_the_hand_and_the_way_it_moves(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user, ['traits' => ['filter' => 'twist-out']]);
        $this->actingAs($user)->post("/machines/$machine->id/rounds", ['procedures' => ['filter-clean']]);
        $round = $machine->rounds()->firstOrFail();
        $ahead = (string) $this->get("/rounds/$round->id/ahead")->assertOk()->getContent();
        [$off, $home] = [self::step($ahead, 'filter-out-twist'), self::step($ahead, 'refit-twist')];
        [$x, $y] = KitchenFigure::at('dishwasher', 'filter')->spot ?? [0, 0];
        foreach ([$off, $home] as $page) {
            self::assertStringContainsString("class=\"figure__due\" cx=\"$x\" cy=\"$y\"", $page);
            self::assertStringContainsString('class="hand"', $page);
        }
        self::assertNotSame(self::move($off), self::move($home), 'off one way round, home the other');
    }

    private static function step(string $ahead, string $id): string
    {
        preg_match("/<template[^>]*data-step=\"$id\".*?<\/template>/s", $ahead, $found);

        return $found[0] ?? self::fail("$id is not ahead");
    }

    private static function move(string $page): string
    {
        preg_match('/<svg class="part".*?class="copper-line" d="([^"]*)"/s', $page, $found);

        return $found[1] ?? '';
    }
}
