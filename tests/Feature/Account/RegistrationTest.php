<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Actions\Household\InviteMember;
use App\Models\User;
use App\Notifications\AddressInUse;
use App\Notifications\ConfirmAddress;
use App\Notifications\ConfirmEmail;
use Database\Factories\UserFactory;
use Illuminate\Notifications\ChannelManager;
use Illuminate\Support\Facades\Notification;
use Tests\TestCase;

/** Making an account where mail leaves the installation: nobody learns from the pages which addresses have one. */
final class RegistrationTest extends TestCase
{
    private const NEW = 'wren@example.org';
    private const CHOSEN = ['name' => 'Wren', 'password' => 'seven dry teaspoons'];

    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.default' => 'smtp']);
        Notification::fake();
    }

    public function test_a_known_address_and_an_unknown_one_get_the_same_answer_and_only_their_owners_read_which_it_is(): void
    {
        $ama = $this->member();
        $answers = [];
        foreach ([self::NEW, $ama->email] as $email) {
            $this->get('/register')->assertOk()->assertDontSee('name="password"', false);
            $this->post('/register/link', ['email' => mb_strtoupper($email)])->assertRedirect('/register')->assertSessionHasNoErrors();
            $answers[] = str_replace($email, '…', (string) $this->get('/register')->getContent());
        }
        $withoutTokens = static fn (string $page): string => (string) preg_replace('/\b[\w+\/=-]{30,}/', '', $page);
        self::assertSame(...array_map($withoutTokens, $answers));
        Notification::assertSentOnDemand(ConfirmAddress::class);
        Notification::assertSentTo($ama, AddressInUse::class);
        self::assertSame(1, User::query()->count());
    }

    public function test_the_link_makes_the_account_of_the_address_it_was_sent_to_and_of_no_other(): void
    {
        $link = $this->link();
        $this->get($link)->assertOk()->assertSee('name="password"', false)->assertSee(self::NEW);
        $this->post($link, ['email' => 'other@example.org', 'password' => 'short'] + self::CHOSEN)->assertSessionHasErrors('password');
        $this->post($link, ['email' => 'other@example.org'] + self::CHOSEN)->assertSessionHasNoErrors()->assertRedirect('/household/new');
        self::assertSame([self::NEW], User::query()->pluck('email')->all());

        $this->post('/logout');
        $this->app['auth']->forgetGuards();
        $this->get($link)->assertRedirect('/login');
        $this->post($link, self::CHOSEN)->assertSessionHasErrors('email');
        self::assertSame(1, User::query()->count());
    }

    public function test_a_link_that_was_changed_or_is_too_old_opens_nothing(): void
    {
        $link = $this->link();
        $this->get(str_replace('wren', 'ama', $link))->assertForbidden();
        $this->post(str_replace('wren', 'ama', $link), self::CHOSEN)->assertForbidden();
        $this->travel(61)->minutes();
        $this->post($link, self::CHOSEN)->assertForbidden();
        $this->post('/register', ['email' => self::NEW] + self::CHOSEN);
        self::assertSame(0, User::query()->count());
    }

    public function test_somebody_invited_comes_back_to_the_invitation_in_whichever_browser_they_open_the_link(): void
    {
        config(['good-rinse.registration' => 'invitation']);
        $token = $this->app->make(InviteMember::class)->handle($this->member(), null);
        $this->post('/register/link', ['email' => self::NEW])->assertForbidden();
        $this->get("/join/$token")->assertOk();
        $link = $this->link();
        $this->flushSession();
        $this->post($link, self::CHOSEN)->assertRedirect("/join/$token");
    }

    public function test_a_changed_address_is_asked_for_alike_whether_or_not_somebody_has_it(): void
    {
        [$ama, $nils] = [$this->member(), $this->member()];
        foreach ([self::NEW, $nils->email] as $email) {
            $this->actingAs($ama)->put('/account/email', ['email' => $email, 'current_password' => UserFactory::PASSWORD])
                ->assertSessionHasNoErrors()->assertRedirect('/account');
        }
        Notification::assertSentOnDemand(ConfirmEmail::class);
        Notification::assertSentTo($nils, AddressInUse::class);
    }

    public function test_a_mail_server_that_does_not_answer_is_said_and_what_was_typed_stays(): void
    {
        Notification::swap(new ChannelManager($this->app));
        config(['mail.mailers.smtp.port' => 1]);
        $this->from('/register')->post('/register/link', ['email' => self::NEW])->assertRedirect('/register')
            ->assertSessionHasErrors(['email' => __('account.refused.mail_down')]);
        $this->get('/register')->assertSee(self::NEW);
    }

    /** The address of the link that is sent to somebody new. */
    private function link(): string
    {
        $this->post('/register/link', ['email' => self::NEW])->assertRedirect('/register');
        $link = null;
        Notification::assertSentOnDemand(ConfirmAddress::class, static function (ConfirmAddress $mail) use (&$link): bool {
            preg_match('#https?://\S+#', (string) $mail->toMail()->render(), $found);
            $link = html_entity_decode($found[0] ?? '');

            return true;
        });

        return (string) $link;
    }
}
