<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Actions\Household\ChangeMembers;
use App\Actions\Rounds\StorePhoto;
use App\Models\CalendarFeed;
use App\Models\Device;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Membership;
use App\Models\Photo;
use App\Models\SecurityEvent;
use App\Models\User;
use Database\Factories\UserFactory;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

/** Keeper and members, several households, and what happens when somebody or everything goes. */
final class MembersTest extends TestCase
{
    private const PASSWORD = ['current_password' => UserFactory::PASSWORD];

    public function test_the_first_keeps_it_and_only_the_keeper_changes_who_belongs_to_it(): void
    {
        [$ama, $nils] = $this->two();
        self::assertTrue($ama->isKeeper());
        self::assertFalse($nils->isKeeper());
        $this->actingAs($nils)->get('/household')->assertOk()->assertDontSee('/household/invitations"', false);
        $this->post('/household/invitations')->assertForbidden();
        $this->delete("/household/members/$ama->id")->assertForbidden();
        $this->post('/household/keeper', ['user' => $nils->id] + self::PASSWORD)->assertForbidden();
        $this->delete('/household', self::PASSWORD + ['name' => $ama->home()->name])->assertForbidden();
        $this->get('/household/security')->assertForbidden();

        $this->actingAs($ama)->get('/household/security')->assertOk();
        $this->delete("/household/members/$ama->id")->assertSessionHasErrors('did');
        $stranger = $this->member();
        $this->delete("/household/members/$stranger->id")->assertNotFound();
        self::assertNotNull($stranger->refresh()->household_id);
    }

    public function test_somebody_removed_is_outside_at_once(): void
    {
        [$ama, $nils] = $this->two();
        $machine = $this->machineOf($ama);
        $this->actingAs($nils)->get("/machines/$machine->id")->assertOk();
        $this->post('/feeds');
        $this->actingAs($ama)->delete("/household/members/$nils->id")->assertSessionHasNoErrors();

        self::assertSame(0, $ama->home()->feeds()->count());
        $this->actingAs($nils->refresh())->get("/machines/$machine->id")->assertRedirect('/household/new');
        $this->post("/households/{$ama->household_id}/open")->assertNotFound();
        self::assertNull($nils->refresh()->household_id);
        self::assertContains('member-removed', SecurityEvent::query()->where('household_id', $ama->household_id)->pluck('kind')->all());
    }

    public function test_handing_over_leaving_and_belonging_to_two(): void
    {
        [$ama, $nils] = $this->two();
        $this->actingAs($ama)->post('/household/leave')->assertSessionHasErrors('did');
        $this->post('/household/keeper', ['user' => $nils->id, 'current_password' => 'no'])->assertSessionHasErrors('current_password');
        $this->post('/household/keeper', ['user' => $nils->id] + self::PASSWORD)->assertSessionHasNoErrors();
        $this->actingAs($nils->refresh())
            ->post('/household/keeper', ['user' => $this->member()->id] + self::PASSWORD)
            ->assertSessionHasErrors('did');
        $this->actingAs($ama->refresh());
        self::assertTrue($nils->refresh()->isKeeper());
        self::assertFalse($ama->refresh()->isKeeper());

        $first = $ama->home();
        $this->get('/household/new?another=1')->assertOk();
        $this->post('/household/new', ['name' => 'Cabin', 'timezone' => 'Europe/Oslo', 'measures' => 'metric'])->assertRedirect('/');
        self::assertSame('Cabin', $ama->refresh()->home()->name);
        $this->get('/account')->assertOk()->assertSee($first->name)->assertSee('Cabin');
        $this->post("/households/$first->id/open")->assertRedirect('/');
        self::assertSame($first->id, $ama->refresh()->household_id);
        $this->post('/household/leave')->assertSessionHasNoErrors();
        self::assertSame('Cabin', $ama->refresh()->home()->name);
    }

    public function test_who_may_make_an_account_is_what_the_installation_says(): void
    {
        $new = static fn (string $name): array => ['name' => $name, 'email' => "$name@marrowick.example", 'password' => 'harbour kettle'];
        config(['good-rinse.registration' => 'closed']);
        $this->get('/register')->assertForbidden();
        $this->post('/register', $new('Nobody'))->assertForbidden();

        config(['good-rinse.registration' => 'invitation']);
        $this->post('/register', $new('First'))->assertRedirect('/household/new');
        $this->post('/household/new', ['name' => 'Flat', 'timezone' => 'UTC', 'measures' => 'metric']);
        $link = $this->post('/household/invitations')->getSession()->get('invitation');
        $this->post('/logout');
        $this->post('/register', $new('Second'))->assertForbidden();
        $this->get((string) $link)->assertOk();
        $this->get('/register')->assertOk();
        $this->post('/register', $new('Third'))->assertRedirect($link);
        self::assertSame(['First', 'Third'], User::query()->orderBy('id')->pluck('name')->all());
    }

    public function test_a_job_that_somebody_takes_is_theirs_until_it_is_done(): void
    {
        [$ama, $nils] = $this->two();
        $machine = $this->machineOf($ama);
        $this->clock->move('+90 days');
        $claim = "/machines/$machine->id/tasks/filter/claim";
        $does = e(__('today.does_it', ['name' => 'Nilsson']));
        $this->actingAs($nils)->post("/machines/$machine->id/tasks/no-such/claim")->assertSessionHasErrors();
        $this->post($claim)->assertSessionHasNoErrors();
        $this->actingAs($ama)->get('/')->assertSee($does, false);
        $this->delete($claim);
        $this->get('/')->assertDontSee($does, false)->assertSee(e(__('today.claim')), false);

        $this->actingAs($nils)->post($claim);
        $round = $this->startRound($nils, $machine);
        $this->walk($round, ['found' => 'patchy']);
        $this->post("/rounds/$round->id/end", ['id' => $this->ulid(), 'how' => 'finished']);
        $this->clock->move('+90 days');
        $this->get('/')->assertDontSee($does, false);
        $this->actingAs($this->member())->post($claim)->assertNotFound();
        $this->get('/')->assertDontSee(e(__('today.claim')), false);
    }

    public function test_a_deleted_account_leaves_its_lines_without_a_name(): void
    {
        [$ama, $nils] = $this->two();
        $machine = $this->machineOf($ama);
        $this->actingAs($nils)->post("/machines/$machine->id/uses", ['id' => $this->ulid(), 'uses' => 1]);
        $lines = Entry::query()->where('recorded_by', $nils->id)->count();
        self::assertGreaterThan(0, $lines);
        $this->actingAs($ama)->delete('/account', self::PASSWORD)->assertSessionHasErrors('did');
        $this->actingAs($nils)->delete('/account', ['current_password' => 'no'])->assertSessionHasErrors('current_password');
        $this->delete('/account', self::PASSWORD)->assertRedirect('/login');
        $this->assertGuest();

        self::assertSame($lines, Entry::query()->where('recorded_by', $nils->id)->count());
        self::assertStringNotContainsString('Nilsson', json_encode($nils->refresh()->getAttributes(), JSON_THROW_ON_ERROR));
        $this->post('/login', ['email' => $nils->email, 'password' => UserFactory::PASSWORD])->assertSessionHasErrors();
        $this->actingAs($ama)->get('/logbook?show=all')->assertOk()->assertDontSee('Nilsson');
    }

    public function test_a_deleted_household_takes_everything_of_it_and_nothing_else(): void
    {
        $ama = $this->member();
        $machine = $this->machineOf($ama);
        $round = $this->startRound($ama, $machine);
        $this->tick($round, 'kit');
        app(StorePhoto::class)->ofStep($round, $ama, $this->ulid(), 'hold-to-light', UploadedFile::fake()->image('f.jpg', 40, 30));
        $file = config()->string('good-rinse.photos').'/'.Photo::query()->firstOrFail()->file;
        self::assertFileExists($file);
        $other = $this->machineOf($this->member());
        $kept = [Machine::query()->where('id', $other->id)->count(), Entry::query()->where('machine_id', $other->id)->count()];

        $this->actingAs($ama)->delete('/household', self::PASSWORD + ['name' => 'Another'])->assertSessionHasErrors('name');
        $this->delete('/household', self::PASSWORD + ['name' => $ama->home()->name])->assertSessionHasNoErrors();
        self::assertNull(Household::query()->find($machine->household_id));
        self::assertSame(0, Entry::query()->where('household_id', $machine->household_id)->count());
        self::assertFileDoesNotExist($file);
        self::assertSame($kept, [
            Machine::query()->where('id', $other->id)->count(),
            Entry::query()->where('machine_id', $other->id)->count(),
        ]);
        self::assertNull($ama->refresh()->household_id);
        $this->get('/')->assertRedirect('/household/new');
    }

    public function test_nothing_but_a_household_that_goes_takes_a_line_out_of_the_logbook(): void
    {
        $ama = $this->member();
        $machine = $this->machineOf($ama);
        $this->actingAs($ama)->post("/machines/$machine->id/uses", ['id' => $this->ulid(), 'uses' => 1]);
        $this->expectExceptionMessage('the logbook only grows');
        Entry::query()->where('household_id', $ama->household_id)->delete();
    }

    public function test_the_logbook_names_who_wrote_a_line_wherever_they_are_now(): void
    {
        [$ama, $nils] = $this->two();
        $machine = $this->machineOf($ama);
        $this->actingAs($nils)->post("/machines/$machine->id/uses", ['id' => $this->ulid(), 'uses' => 1]);
        $line = '· Nilsson';
        $this->actingAs($ama)->get('/logbook?show=all')->assertSee($line);

        $nils->forceFill(['household_id' => $this->member()->household_id])->save();
        $this->actingAs($ama)->get('/logbook?show=all')->assertSee($line);

        app(ChangeMembers::class)->leave($nils->refresh(), $ama->home());
        $this->actingAs($ama)->get('/logbook?show=all')->assertSee($line);
        $this->get("/logbook?show=all&by=$nils->id")->assertSee($line);
    }

    public function test_what_reads_or_writes_for_itself_is_in_the_security_log_when_it_comes_and_when_it_goes(): void
    {
        $ama = $this->member();
        $machine = $this->machineOf($ama);
        $this->actingAs($ama)->post("/machines/$machine->id/devices", ['id' => $this->ulid(), 'name' => 'Plug']);
        $device = Device::query()->sole();
        $this->post("/devices/$device->id/token");
        $this->delete("/devices/$device->id");
        $this->post('/feeds');
        $this->delete('/feeds/'.CalendarFeed::query()->sole()->id);
        $events = SecurityEvent::query()->where(['household_id' => $ama->household_id, 'user_id' => $ama->id]);
        self::assertSame(
            ['device-added', 'device-token', 'device-removed', 'feed-made', 'feed-removed'],
            $events->orderBy('id')->pluck('kind')->all(),
        );
        $gone = (string) __('account.event.device-removed', ['who' => $ama->name, 'about' => 'Plug']);
        $this->get('/household/security')->assertSee($gone);
    }

    /** @return array{User, User} the keeper and a member of one household */
    private function two(): array
    {
        $ama = $this->member();
        $nils = User::factory()->create(['household_id' => null, 'name' => 'Nilsson'])->refresh();
        app(ChangeMembers::class)->add($nils, $ama->home());
        self::assertSame(2, Membership::query()->where('household_id', $ama->household_id)->count());

        return [$ama, $nils->refresh()];
    }
}
