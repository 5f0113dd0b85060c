<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Actions\Account\ChangeAccount;
use App\Models\Login;
use App\Models\SecurityEvent;
use App\Models\User;
use App\Notifications\AccountChange;
use App\Notifications\ConfirmEmail;
use App\Notifications\NewPassword;
use Database\Factories\UserFactory;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Name, address, password, and where somebody is logged in. */
final class AccountPageTest extends TestCase
{
    private const NEW = 'seven dry teaspoons';

    public function test_the_page_opens_and_a_name_is_changed(): void
    {
        $ama = $this->member();
        $this->actingAs($ama)->get('/account')->assertOk()->assertSee($ama->email);
        $this->put('/account/name', ['name' => ' '])->assertSessionHasErrors('name');
        $this->put('/account/name', ['name' => 'Amalia'])->assertSessionHasNoErrors();
        self::assertSame('Amalia', $ama->refresh()->name);
    }

    public function test_a_password_changes_with_the_old_one_only_and_ends_every_other_login(): void
    {
        $ama = $this->member();
        $this->actingAs($ama)->get('/account')->assertOk();
        $elsewhere = Login::query()->create([
            'user_id' => $ama->id,
            'address' => '10.0.0.1',
            'agent' => 'x',
            'began_at' => $this->clock->now(),
            'seen_at' => $this->clock->now(),
        ]);
        $token = $ama->remember_token;
        $this->put('/account/password', ['current_password' => 'no', 'password' => self::NEW])->assertSessionHasErrors('current_password');
        $this->put('/account/password', ['current_password' => UserFactory::PASSWORD, 'password' => self::NEW])->assertSessionHasNoErrors();

        self::assertTrue(Hash::check(self::NEW, $ama->refresh()->password));
        self::assertNotSame($token, $ama->remember_token);
        self::assertNull(Login::query()->find($elsewhere->id));
        $this->get('/account')->assertOk();
        self::assertSame(1, Login::query()->count());
        self::assertContains('password-changed', SecurityEvent::query()->pluck('kind')->all());
    }

    public function test_a_browser_that_was_logged_out_from_elsewhere_is_out_at_its_next_step(): void
    {
        $ama = $this->member();
        $this->post('/login', ['email' => $ama->email, 'password' => UserFactory::PASSWORD, 'remember' => '1'])->assertRedirect('/');
        $this->get('/')->assertOk();
        $there = Login::query()->firstOrFail();
        $other = $this->member();
        $this->app['auth']->forgetGuards();
        $this->delete("/account/logins/$there->id")->assertRedirect('/account');

        $this->app['auth']->forgetGuards();
        $this->get('/')->assertRedirect('/login');
        $this->getJson('/')->assertUnauthorized();

        // Nobody ends somebody else's.
        $this->actingAs($other)->get('/')->assertOk();
        $mine = Login::query()->where('user_id', $other->id)->firstOrFail();
        $this->actingAs($ama->refresh())->delete("/account/logins/$mine->id");
        self::assertNotNull($mine->fresh());
    }

    public function test_a_new_address_holds_once_its_link_was_followed(): void
    {
        Notification::fake();
        $ama = $this->member();
        $before = $ama->email;
        $taken = $this->member()->email;
        $ask = fn (string $email) => $this->actingAs($ama)->put(
            '/account/email',
            ['email' => $email, 'current_password' => UserFactory::PASSWORD],
        );
        $ask($taken)->assertSessionHasErrors('email');
        $ask('New@marrowick.example')->assertSessionHasNoErrors();
        self::assertSame($before, $ama->refresh()->email);
        $link = '';
        Notification::assertSentOnDemand(ConfirmEmail::class, static function (ConfirmEmail $mail) use (&$link): bool {
            $link = (string) parse_url((string) $mail->toMail()->viewData['link'], PHP_URL_PATH).'?'
                .parse_url((string) $mail->toMail()->viewData['link'], PHP_URL_QUERY);

            return true;
        });
        $this->get($link)->assertOk()->assertSee('new@marrowick.example');
        $this->get(str_replace('new%40', 'old%40', $link))->assertForbidden();
        // A link holds for the address it was sent to, not for another one that was asked for since.
        $ask('later@marrowick.example')->assertSessionHasNoErrors();
        $this->post($link, ['email' => 'later@marrowick.example'])->assertSessionHasErrors('did');
        self::assertSame($before, $ama->refresh()->email);
        $this->travel(2)->minutes();
        $ask('New@marrowick.example')->assertSessionHasNoErrors();
        $this->post($link)->assertRedirect();
        self::assertSame('new@marrowick.example', $ama->refresh()->email);
        $this->post($link)->assertSessionHasErrors('did');
    }

    public function test_what_lets_somebody_in_is_changed_and_they_are_mailed_where_they_were(): void
    {
        Notification::fake();
        $ama = $this->member();
        $before = $ama->email;
        $this->actingAs($ama)->put('/account/name', ['name' => 'Amalia'])->assertSessionHasNoErrors();
        Notification::assertNothingSent();
        $this->put('/account/password', ['current_password' => UserFactory::PASSWORD, 'password' => self::NEW])->assertSessionHasNoErrors();
        $ama->refresh()->forceFill(['new_email' => 'new@marrowick.example'])->save();
        $this->app->make(ChangeAccount::class)->confirmEmail($ama, 'new@marrowick.example');
        $this->app->terminate();

        $mails = [];
        $read = static function (AccountChange $mail, array $by, object $to) use (&$mails): bool {
            $mails[] = [$to->routeNotificationFor('mail'), (string) $mail->toMail()->viewData['line']];

            return true;
        };
        Notification::assertSentOnDemand(AccountChange::class, $read);
        self::assertSame([
            [$before, __('account.mail_changed_line.password-changed')],
            [$before, __('account.mail_changed_line.email-changed')],
        ], array_values(array_unique($mails, SORT_REGULAR)));
        foreach (SecurityEvent::MAILED as $kind) {
            self::assertContains($kind, SecurityEvent::KINDS);
            self::assertNotSame("account.mail_changed_line.$kind", __("account.mail_changed_line.$kind"));
        }
    }

    public function test_a_mail_server_that_does_not_answer_keeps_nobody_from_changing_a_password(): void
    {
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.port' => 1]);
        $ama = $this->member();
        $this->actingAs($ama)->put('/account/password', ['current_password' => UserFactory::PASSWORD, 'password' => self::NEW])
            ->assertSessionHasNoErrors();
        self::assertTrue(Hash::check(self::NEW, $ama->refresh()->password));
    }

    public function test_a_forgotten_password_is_chosen_anew_once_and_nobody_learns_who_is_known(): void
    {
        Notification::fake();
        $ama = $this->member();
        $known = $this->post('/forgotten', ['email' => $ama->email])->assertRedirect('/login')->getSession()->get('did');
        $unknown = $this->post('/forgotten', ['email' => 'nobody@marrowick.example'])->assertRedirect('/login')->getSession()->get('did');
        self::assertSame($known, $unknown);
        $path = '';
        Notification::assertSentTo($ama, NewPassword::class, static function (NewPassword $mail) use ($ama, &$path): bool {
            $path = (string) parse_url((string) $mail->toMail($ama)->viewData['link'], PHP_URL_PATH);

            return true;
        });
        Notification::assertCount(1);
        $this->get("$path?email=".urlencode($ama->email))->assertOk()->assertSee($ama->email);
        $this->post($path, ['email' => $this->member()->email, 'password' => self::NEW])->assertSessionHasErrors('password');
        $this->post($path, ['email' => $ama->email, 'password' => 'short'])->assertSessionHasErrors('password');
        $this->post($path, ['email' => $ama->email, 'password' => self::NEW])->assertRedirect('/login');
        self::assertTrue(Hash::check(self::NEW, $ama->refresh()->password));
        $this->post($path, ['email' => $ama->email, 'password' => 'eight dry teaspoons'])->assertSessionHasErrors('password');
    }

    /** @return iterable<string, array{string, bool}> password, whether it is taken */
    public static function passwords(): iterable
    {
        yield 'words' => ['harbour kettle', true];
        yield 'nine characters' => ['harbour k', false];
        yield 'tried first' => ['password123', false];
        yield 'figures for letters' => ['P4ssw0rd!!2026', false];
        yield 'a row of keys' => ['qwertyuiop', false];
        yield 'figures only' => ['83610274519', false];
        yield 'repeated' => ['abcabcabcabc', false];
        yield 'a run' => ['abcdefghijk', false];
        yield 'their own name' => ['Amalia12345', false];
        yield 'their address' => ['am@lia.example', false];
        yield '72 bytes' => [str_repeat('wörter! ', 8), true];
        yield '73 bytes' => [str_repeat('a wet sponge ', 5).'12345678', false];
    }

    #[DataProvider('passwords')]
    public function test_which_passwords_are_taken(string $password, bool $taken): void
    {
        $answer = $this->post('/register', ['name' => 'Amalia', 'email' => 'am@lia.example', 'password' => $password]);
        $taken ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('password');
        self::assertSame($taken ? 1 : 0, User::query()->count());
    }

    public function test_a_login_with_an_unknown_address_is_answered_like_one_with_a_wrong_password(): void
    {
        config(['auth.timebox_duration' => 20_000]);
        $ama = $this->member();
        $answers = [];
        foreach ([$ama->email, 'nobody@marrowick.example'] as $email) {
            $answer = $this->post('/login', ['email' => $email, 'password' => 'wrong wrong wrong']);
            $answers[] = [$answer->getStatusCode(), $answer->getSession()->get('errors')?->first('email')];
            $this->flushSession();
        }
        self::assertSame($answers[0], $answers[1]);
    }

    public function test_the_operator_sets_a_password_from_the_command_line(): void
    {
        $ama = $this->member();
        $set = static fn (string $email, string $password): int => Artisan::call(
            'user:password',
            ['email' => $email, '--password' => $password],
        );
        self::assertSame(Command::FAILURE, $set($ama->email, 'short'));
        self::assertSame(Command::SUCCESS, $set(strtoupper($ama->email), self::NEW));
        self::assertTrue(Hash::check(self::NEW, $ama->refresh()->password));
        self::assertSame(Command::FAILURE, $set('nobody@marrowick.example', self::NEW));
    }

    public function test_what_is_secret_lies_in_the_database_unreadable(): void
    {
        $ama = $this->member();
        $this->actingAs($ama)->post('/account/code', ['current_password' => UserFactory::PASSWORD])->assertSessionHas('secret');
        $row = DB::table('users')->find($ama->id);
        self::assertStringNotContainsString((string) $ama->refresh()->two_factor_secret, json_encode($row, JSON_THROW_ON_ERROR));
    }
}
