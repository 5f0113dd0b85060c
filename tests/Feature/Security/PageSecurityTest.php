<?php

declare(strict_types=1);

namespace Tests\Feature\Security;

use App\Models\Round;
use App\Models\User;
use Symfony\Component\HttpFoundation\Cookie;
use Tests\TestCase;

/** What every page keeps to. */
final class PageSecurityTest extends TestCase
{
    public function test_every_answer_carries_the_security_headers(): void
    {
        foreach ([$this->get('/login'), $this->get('/nowhere'), $this->actingAs($this->member())->get('/')] as $answer) {
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            self::assertStringContainsString("script-src 'self';", $policy);
            self::assertStringContainsString("style-src 'self';", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            $answer->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY');
        }
    }

    public function test_pages_hold_no_inline_script_or_style(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user);
        $round = $this->startRound($user, $machine);
        $this->walk($round, ['found' => 'patchy']);
        $this->post("/machines/$machine->id/devices", ['name' => 'Counter', 'simulated' => '1']);
        $device = $user->home()->devices()->firstOrFail();
        $this->post(
            "/machines/$machine->id/traces",
            ['id' => $traced = $this->ulid(), 'symptoms' => ['smell'], 'since' => '2026-06-14', 'look' => '1'],
        );
        foreach ([
            "/machines/$machine->id/trace",
            "/traces/$traced",
            "/traces/$traced/sheet",
            '/rhythm',
            "/machines/$machine->id/rhythm/filter",
            "/machines/$machine->id/start",
            '/away',
            '/reminders',
            '/household/water?dip=1',
            "/devices/$device->id",
            "/machines/$machine->id/devices/new",
            "/machines/$machine->id/readings",
            '/',
            '/kitchen',
            "/machines/$machine->id",
            "/machines/$machine->id/edit",
            '/machines/new',
            '/logbook',
            '/household',
            "/rounds/$round->id",
            "/rounds/$round->id?step=hold-to-light",
            '/handbook',
            '/handbook/keep-apart',
            '/handbook/symptoms',
            '/handbook/schools',
            '/handbook/dishwasher/full-deep-clean',
            "/machines/$machine->id/vessels/tub/pour",
            "/machines/$machine->id/vessels/tub/happened",
        ] as $page) {
            $html = (string) $this->get($page)->assertOk()->getContent();
            self::assertDoesNotMatchRegularExpression('/<style|\sstyle=|\son[a-z]+=|<script(?![^>]*\ssrc=)|javascript:/i', $html, $page);
            self::assertDoesNotMatchRegularExpression('#(?:src|href)="https?://(?!127\.0\.0\.1)#', $html, $page);
        }
    }

    public function test_what_people_type_is_escaped(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user, ['name' => '<script>alert(1)</script>']);
        $round = $this->startRound($user, $machine);
        $this->tick($round, 'kit', null, ['note' => '<img src=x onerror=alert(2)>']);
        $this->post(
            "/machines/$machine->id/snoozes",
            ['id' => $this->ulid(), 'task' => 'filter', 'until' => '2026-06-20', 'reason' => '<img src=x>'],
        );
        $this->post("/machines/$machine->id/devices", ['name' => '<img src=x>']);
        $device = $user->home()->devices()->firstOrFail();
        foreach ([
            '/rhythm',
            "/machines/$machine->id/rhythm/filter",
            '/away',
            '/household',
            "/devices/$device->id",
            '/',
            '/kitchen',
            "/machines/$machine->id",
            '/logbook',
            "/rounds/$round->id",
            '/handbook',
            '/handbook/dishwasher/acid-wash',
            "/machines/$machine->id/vessels/tub/pour",
        ] as $page) {
            $this->get($page)->assertDontSee('<script>alert', false)->assertDontSee('<img src=x', false);
        }
    }

    public function test_the_session_cookie_is_closed_to_scripts_and_other_sites(): void
    {
        $cookies = $this->get('/login')->headers->getCookies();

        self::assertSame(['good_rinse'], array_map(static fn (Cookie $cookie): string => $cookie->getName(), $cookies));
        self::assertTrue($cookies[0]->isHttpOnly());
        self::assertSame('lax', $cookies[0]->getSameSite());
    }

    public function test_the_measuring_page_is_shut_by_default(): void
    {
        $this->actingAs($this->member())->get('/blank')->assertNotFound();
        self::assertSame(0, Round::query()->count());
        self::assertSame(1, User::query()->count());
    }
}
