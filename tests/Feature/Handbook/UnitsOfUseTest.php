<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Handbook;
use Tests\TestCase;

/** What the button of a machine counts is what its pages count. */
final class UnitsOfUseTest extends TestCase
{
    public function test_one_more_on_the_button_is_one_more_on_the_pages(): void
    {
        $handbook = app(Handbook::class);
        foreach (array_keys($handbook->kindNames()) as $id) {
            $kind = $handbook->kind($id);
            self::assertStringEndsWith($kind->useName, Uses::counted(1.0, $kind->useUnit), $id);
        }
    }

    public function test_the_page_of_a_machine_without_grades_shows_none_to_compare_with(): void
    {
        $user = $this->member();
        $this->actingAs($user)->post('/machines', ['kind' => 'pod-brewer']);

        $this->get('/')->assertOk()->assertDontSee(__('views/today/beside.what_you_compare_it_with'));
    }
}
