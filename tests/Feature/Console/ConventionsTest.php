<?php

declare(strict_types=1);

namespace Tests\Feature\Console;

use App\Models\Machine;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

/** What a person who knows the framework expects to find. */
final class ConventionsTest extends TestCase
{
    public function test_every_variable_of_the_environment_is_explained_in_the_example(): void
    {
        $example = (string) file_get_contents(base_path('.env.example'));
        foreach (glob(config_path('*.php')) ?: [] as $file) {
            preg_match_all("/env\\('([A-Z_]+)'/", (string) file_get_contents($file), $asked);
            foreach ($asked[1] as $name) {
                self::assertMatchesRegularExpression("/^(# )?$name=/m", $example, basename($file)." asks for $name");
            }
        }
    }

    public function test_the_application_says_that_it_is_up_without_a_login_or_a_cookie(): void
    {
        $answer = $this->get('/up')->assertOk();
        self::assertSame('up', $answer->getContent());
        self::assertSame([], $answer->headers->getCookies());
    }

    public function test_seeding_loads_the_demo_household_once(): void
    {
        foreach ([1, 2] as $time) {
            self::assertSame(0, Artisan::call('db:seed', ['--class' => DatabaseSeeder::class, '--force' => true]), Artisan::output());
            self::assertSame(5, Machine::query()->count(), "after time $time");
        }
    }

    public function test_it_tells_its_version_and_that_of_the_handbook(): void
    {
        Artisan::call('about', ['--only' => 'good_rinse', '--json' => true]);
        $about = json_decode(Artisan::output(), true);
        self::assertIsArray($about);
        self::assertMatchesRegularExpression('/^[0-9a-f]{32}$/', $about['good_rinse']['handbook'] ?? '');
        self::assertNotSame('', $about['good_rinse']['version'] ?? '');
    }

    public function test_robots_are_sent_away(): void
    {
        self::assertStringContainsString("Disallow: /\n", (string) file_get_contents(public_path('robots.txt')));
    }
}
