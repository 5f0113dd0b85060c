<?php

declare(strict_types=1);

namespace Tests\Feature\Hosting;

use App\Actions\Reminders\CreateFeed;
use App\Models\Household;
use Illuminate\Support\Facades\URL;
use Tests\TestCase;

/** What a proxy in front of the application says, and what a request says of its own host. */
final class BehindProxyTest extends TestCase
{
    public function test_a_foreign_host_header_gets_into_no_address(): void
    {
        $ama = $this->member(Household::factory()->create());
        $evil = ['Host' => 'evil.example', 'X-Forwarded-Host' => 'evil.example'];
        $this->get('/kitchen', $evil)->assertRedirect(config()->string('app.url').'/login');
        foreach (['/household', '/reminders', '/', '/login', '/no-such-page'] as $page) {
            $content = (string) $this->actingAs($ama)->get($page, $evil)->getContent();
            self::assertStringNotContainsString('evil.example', $content, $page);
        }
        $isOurs = static fn (string $link): bool => str_starts_with($link, config()->string('app.url'));
        $this->post('/feeds', [], $evil)->assertSessionHas('feed', $isOurs);
        $this->post('/household/invitations', [], $evil)->assertSessionHas('invitation', $isOurs);
        self::assertStringStartsWith('/calendar/', (string) parse_url(route('feed', app(CreateFeed::class)->handle($ama)), PHP_URL_PATH));
    }

    public function test_the_way_back_is_where_browsers_come_from_though_a_server_leaves_the_port_out(): void
    {
        $ama = $this->member();
        $machine = $this->machineOf($ama);
        $this->flushHeaders();
        $page = "/machines/$machine->id";
        $this->actingAs($ama)->get("http://127.0.0.1$page", ['Host' => '127.0.0.1'])->assertOk();
        $this->post("$page/uses", ['id' => $this->ulid(), 'uses' => 1])->assertRedirect(config()->string('app.url').$page);
    }

    public function test_only_a_proxy_that_is_named_says_that_it_was_https(): void
    {
        $https = ['X-Forwarded-Proto' => 'https', 'X-Forwarded-For' => '203.0.113.7'];
        config(['trustedproxy.proxies' => '10.1.2.3']);
        $this->get('/login', $https)->assertHeaderMissing('Strict-Transport-Security');
        config(['trustedproxy.proxies' => '10.1.2.3, 127.0.0.1']);
        $this->get('/login', $https)->assertHeader('Strict-Transport-Security', 'max-age=31536000');
    }

    public function test_behind_https_the_cookie_is_for_https_only_and_links_say_https(): void
    {
        putenv('APP_URL=https://rinse.example');
        $session = require config_path('session.php');
        putenv('APP_URL');
        self::assertIsArray($session);
        self::assertTrue($session['secure']);

        URL::forceRootUrl('https://rinse.example');
        URL::forceScheme('https');
        self::assertSame('https://rinse.example/login', route('login'));
    }

    public function test_the_link_that_ends_mail_holds_whatever_host_the_proxy_asks_under(): void
    {
        $ama = $this->member(Household::factory()->create());
        $link = URL::signedRoute('reminders.stop', ['user' => $ama->id], absolute: false);
        $this->get("http://10.9.8.7$link")->assertOk()->assertDontSee('10.9.8.7');
        $this->get("http://10.9.8.7{$link}0")->assertForbidden();
    }
}
