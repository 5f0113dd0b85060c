<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Models\User;
use App\Support\OneTimeCode;
use Database\Factories\UserFactory;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A code from a phone beside the password. */
final class TwoFactorTest extends TestCase
{
    /** The numbers of RFC 6238, appendix B, their last six digits. */
    #[TestWith([59, '287082'])]
    #[TestWith([1111111109, '081804'])]
    #[TestWith([1111111111, '050471'])]
    #[TestWith([1234567890, '005924'])]
    #[TestWith([2000000000, '279037'])]
    #[TestWith([20000000000, '353130'])]
    public function test_codes_are_those_of_the_standard(int $seconds, string $code): void
    {
        $secret = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
        self::assertSame($code, OneTimeCode::at($secret, intdiv($seconds, 30)));
        $now = new \DateTimeImmutable("@$seconds");
        self::assertSame(intdiv($seconds, 30), OneTimeCode::step($secret, ' '.$code, $now));
        self::assertNull(OneTimeCode::step($secret, $code, $now->modify('+2 minutes')));
        self::assertNull(OneTimeCode::step('', $code, $now));
    }

    public function test_from_setting_it_up_to_logging_in_with_it(): void
    {
        $ama = $this->member();
        $secret = $this->begin($ama);
        $this->put('/account/code', ['code' => '000000'])->assertSessionHasErrors('did');
        self::assertNull($ama->refresh()->two_factor_at);
        $codes = $this->put('/account/code', ['code' => $this->code($secret)])->assertSessionHas('codes')->getSession()->get('codes');
        self::assertIsArray($codes);
        self::assertCount(8, array_unique($codes));
        $this->post('/account/code', ['current_password' => UserFactory::PASSWORD])->assertSessionHasErrors('did');
        self::assertNotNull($ama->refresh()->two_factor_at, 'another phone does not take its place unasked');
        $this->post('/logout');

        $this->clock->move('+1 minute');
        $this->password($ama)->assertRedirect('/login/code');
        $this->assertGuest();
        $this->get('/login/code')->assertOk();
        $this->post('/login/code', ['code' => '123456'])->assertSessionHasErrors('code');
        $this->assertGuest();
        $this->post('/login/code', ['code' => $code = $this->code($secret)])->assertRedirect('/');
        $this->assertAuthenticatedAs($ama);
        $this->post('/logout');

        $this->password($ama);
        $this->post('/login/code', ['code' => $code])->assertSessionHasErrors('code');
        $this->post('/login/code', ['code' => strtoupper((string) $codes[3])])->assertRedirect('/');
        $this->post('/logout');
        $this->password($ama);
        $this->post('/login/code', ['code' => (string) $codes[3]])->assertSessionHasErrors('code');
        self::assertCount(7, $ama->refresh()->recovery_codes ?? []);
    }

    public function test_without_the_password_nobody_turns_it_off_and_guessing_is_slowed_down(): void
    {
        $ama = $this->member();
        $secret = $this->begin($ama);
        $this->put('/account/code', ['code' => $this->code($secret)]);
        $this->delete('/account/code', ['current_password' => 'no'])->assertSessionHasErrors('current_password');
        self::assertNotNull($ama->refresh()->two_factor_at);
        $this->post('/logout');

        $this->password($ama);
        for ($i = 0; $i < 6; ++$i) {
            $this->post('/login/code', ['code' => "00000$i"]);
        }
        $this->clock->move('+1 minute');
        $this->post('/login/code', ['code' => $this->code($secret)])->assertTooManyRequests();
        $this->assertGuest();
    }

    public function test_the_code_page_is_nobodys_without_the_password(): void
    {
        $this->get('/login/code')->assertRedirect('/login');
        $this->post('/login/code', ['code' => '123456'])->assertRedirect('/login');
    }

    private function begin(User $ama): string
    {
        $this->actingAs($ama)->post('/account/code', ['current_password' => UserFactory::PASSWORD])->assertSessionHas('secret');
        $this->get('/account')->assertOk();
        self::assertNull($ama->refresh()->two_factor_at);

        return (string) $ama->two_factor_secret;
    }

    private function code(string $secret): string
    {
        return OneTimeCode::at($secret, intdiv($this->clock->now()->getTimestamp(), 30));
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function password(User $ama): \Illuminate\Testing\TestResponse
    {
        return $this->post('/login', ['email' => $ama->email, 'password' => UserFactory::PASSWORD]);
    }
}
