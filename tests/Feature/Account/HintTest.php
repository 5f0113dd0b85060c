<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Actions\Account\DismissHint;
use Tests\TestCase;

/** What a page explains the first time goes away for good, for the person who has read it. */
final class HintTest extends TestCase
{
    public function test_a_hint_stays_away_once_it_is_put_away_and_only_for_that_person(): void
    {
        $user = $this->member();
        $other = $this->member();
        $this->machineOf($user);
        $this->machineOf($other);
        $hint = 'action="'.route('hints.away', 'keep-apart').'"';

        $this->actingAs($user)->get('/handbook/keep-apart')->assertSee($hint, false);
        $this->from('/handbook/keep-apart')->post('/hints/keep-apart')->assertRedirect('/handbook/keep-apart');
        $this->post('/hints/keep-apart')->assertRedirect();
        self::assertSame(['keep-apart'], $user->refresh()->hints);
        $this->get('/handbook/keep-apart')->assertDontSee($hint, false);
        $this->actingAs($other)->get('/handbook/keep-apart')->assertSee($hint, false);
    }

    public function test_only_a_hint_that_there_is_can_be_put_away(): void
    {
        $this->actingAs($this->member())->post('/hints/all')->assertNotFound();
    }

    public function test_each_hint_has_its_words_and_its_place_on_the_page_that_explains_all(): void
    {
        $page = $this->actingAs($this->member())->get('/help')->assertOk();
        foreach (DismissHint::HINTS as $hint) {
            $page->assertSee("id=\"$hint\"", false);
            self::assertIsString(__("places/help.about.$hint.hint"));
            self::assertStringNotContainsString('places/help', (string) __("places/help.about.$hint.hint"));
        }
        $this->get('/')->assertSee(route('help'), false);
    }
}
