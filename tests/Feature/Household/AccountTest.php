<?php

declare(strict_types=1);

namespace Tests\Feature\Household;

use App\Models\Entry;
use App\Models\Invitation;
use App\Models\Machine;
use App\Models\User;
use Database\Factories\UserFactory;
use Illuminate\Support\Facades\Hash;
use Tests\Feature\Machines\MachineTest;
use Tests\TestCase;

final class AccountTest extends TestCase
{
    public function test_from_nothing_to_the_first_round(): void
    {
        $this->post('/register', ['name' => 'Ama', 'email' => 'AMA@marrowick.example', 'password' => 'harbour kettle'])
            ->assertRedirect('/household/new');
        $this->get('/')->assertRedirect('/household/new');
        $this->post('/household/new', ['name' => 'Flat', 'timezone' => 'Europe/Stockholm', 'measures' => 'metric'])->assertRedirect('/');
        $this->get('/')->assertOk()->assertSee(__('views/components/care/first-machine.add_your_first_machine'));
        $this->get('/machines/new')->assertOk()->assertSee(__('views/machines/kinds.what_do_you_look_after'));
        $this->get('/machines/new?kind=dishwasher')
            ->assertOk()->assertSee('A cup that twists out')
            ->assertSee(__('views/machines/create.look_into_your_kettle'));
        $this->post('/machines', MachineTest::answers(['cleaned_on' => '2026-05-22']))->assertRedirect('/');
        $this->get('/')
            ->assertOk()
            ->assertSee(__('reasons.clock-decides-since', [
                'elapsed' => '24 days', 'since' => '22 May', 'absent' => '', 'interval' => '30',
            ]));

        $machine = Machine::query()->firstOrFail();
        $round = $this->startRound(User::query()->firstOrFail(), $machine);
        $this->walk($round, ['found' => 'patchy']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertRedirect();
        $this->get("/rounds/$round->id")
            ->assertSee(__('reasons.learned', [
                'grade' => 'Patchy', 'uses' => '24 days', 'before' => '30 days',
                'after' => '27', 'limit' => '',
            ]))
            ->assertSee('next on');
    }

    public function test_passwords_are_hashed_and_weak_ones_refused(): void
    {
        $this->post('/register', ['name' => 'Ama', 'email' => 'a@marrowick.example', 'password' => 'short'])
            ->assertSessionHasErrors('password');
        $this->post('/register', ['name' => 'Ama', 'email' => 'a@marrowick.example', 'password' => 'harbour kettle']);
        $user = User::query()->firstOrFail();

        self::assertTrue(Hash::check('harbour kettle', $user->password));
        $this->post('/logout');
        $this->post('/register', ['name' => 'Nils', 'email' => 'A@marrowick.example', 'password' => 'harbour kettle'])
            ->assertSessionHasErrors('email');
    }

    public function test_logging_in_and_out(): void
    {
        $user = $this->member();
        $this->post('/login', ['email' => $user->email, 'password' => 'wrong'])
            ->assertSessionHasErrors('email')
            ->assertSessionHasInput('email', $user->email);
        $this->assertGuest();
        $this->post('/login', ['email' => mb_strtoupper($user->email), 'password' => UserFactory::PASSWORD])->assertRedirect('/');
        $this->assertAuthenticatedAs($user);
        $this->post('/logout')->assertRedirect('/login');
        $this->assertGuest();
    }

    public function test_guessing_passwords_is_slowed_down(): void
    {
        $user = $this->member();
        for ($i = 0; $i < 10; ++$i) {
            $this->post('/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])->assertRedirect('/');
            $this->post('/logout');
        }
        for ($i = 0; $i < 6; ++$i) {
            $this->post('/login', ['email' => $user->email, 'password' => "guess $i"])->assertRedirect();
        }
        $this->post('/login', ['email' => $user->email, 'password' => UserFactory::PASSWORD])
            ->assertTooManyRequests()
            ->assertSee('Wait a minute');
        $this->assertGuest();
    }

    public function test_an_invitation_lets_one_person_in_once(): void
    {
        $ama = $this->member();
        $link = $this->actingAs($ama)->post('/household/invitations')->assertSessionHas('invitation')->getSession()->get('invitation');
        self::assertIsString($link);
        $token = basename($link);
        self::assertDatabaseMissing('invitations', ['token_hash' => $token]);
        $this->post('/logout');

        $this->get("/join/$token")->assertOk()->assertSee($ama->home()->name);
        $this->post('/register', ['name' => 'Nils', 'email' => 'n@marrowick.example', 'password' => 'harbour kettle'])
            ->assertRedirect($link);
        $this->post("/join/$token")->assertRedirect('/');
        self::assertSame($ama->household_id, User::query()->where('email', 'n@marrowick.example')->value('household_id'));

        $this->actingAs(User::factory()->create(['household_id' => null])->refresh())->post("/join/$token")->assertSessionHasErrors('did');
        $this->get("/join/$token")->assertNotFound();
    }

    public function test_invitations_run_out_and_can_be_taken_back(): void
    {
        $ama = $this->member();
        $this->actingAs($ama)->post('/household/invitations');
        $invitation = Invitation::query()->firstOrFail();
        $token = str_repeat('x', 40);
        $invitation->update(['token_hash' => Invitation::hash($token)]);
        self::assertNotNull(Invitation::open($token));

        $this->clock->move('+8 days');
        $this->get('/household')->assertDontSee('Open invitation');
        self::assertNull(Invitation::open($token));
        $this->clock->move('-8 days');
        $this->delete("/household/invitations/$invitation->id")->assertRedirect();
        self::assertNull(Invitation::open($token));
    }

    public function test_somebody_with_a_household_belongs_to_both_and_joins_none_twice(): void
    {
        $ama = $this->member();
        $this->actingAs($ama)->post('/household/invitations');
        $token = str_repeat('y', 40);
        Invitation::query()->firstOrFail()->update(['token_hash' => Invitation::hash($token)]);
        $other = $this->member();

        $this->actingAs($ama)->post("/join/$token")->assertSessionHasErrors('did');
        self::assertNotNull(Invitation::open($token), 'the link is not used up');
        $first = $other->household_id;
        $this->actingAs($other)->post("/join/$token")->assertSessionHasNoErrors();
        self::assertSame($ama->household_id, $other->refresh()->household_id);
        $this->post("/households/$first/open")->assertRedirect('/');
        self::assertSame($first, $other->refresh()->household_id);
    }

    public function test_a_household_is_changed_by_its_members(): void
    {
        $ama = $this->member();
        $this->actingAs($ama)
            ->put('/household', ['name' => 'Quay', 'timezone' => 'Mars/Olympus', 'measures' => 'us'])
            ->assertSessionHasErrors('timezone');
        $this->put('/household', ['name' => 'Quay', 'timezone' => 'America/Chicago', 'measures' => 'us'])->assertSessionHasNoErrors();
        self::assertSame('Quay', $ama->home()->refresh()->name);
        $this->put('/appearance', ['appearance' => 'dark'])->assertRedirect();
        $this->get('/household')->assertSee('data-theme="dark"', false);
        self::assertSame(0, Entry::query()->count());
    }
}
