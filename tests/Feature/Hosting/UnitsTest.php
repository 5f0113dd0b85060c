<?php

declare(strict_types=1);

namespace Tests\Feature\Hosting;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The units that a machine with systemd runs; bin/bare starts them on one. */
#[Group('without-database')]
final class UnitsTest extends TestCase
{
    /** A service that is required takes what requires it along when it dies, and does not bring it back. */
    public function test_no_service_takes_another_along_when_it_is_killed(): void
    {
        foreach (glob(dirname(__DIR__, 3).'/deploy/systemd/*') ?: [] as $file) {
            self::assertDoesNotMatchRegularExpression('/^(Requires|BindsTo|PartOf)=/m', (string) file_get_contents($file), basename($file));
        }
    }

    public function test_whatever_runs_beside_the_pages_reads_the_configuration_that_they_have(): void
    {
        $root = dirname(__DIR__, 3);
        $asks = [];
        foreach (glob("$root/deploy/systemd/*.service") ?: [] as $file) {
            $unit = (string) file_get_contents($file);
            if (str_contains($unit, ' artisan ')) {
                $asks[] = basename($file);
                self::assertStringContainsString(
                    'Environment=APP_CONFIG_CACHE=/run/good-rinse/config.php APP_ROUTES_CACHE=/run/good-rinse/routes.php',
                    $unit,
                    basename($file),
                );
            }
        }
        self::assertSame(['good-rinse-backup.service', 'good-rinse-scheduler.service'], $asks);
    }
}
