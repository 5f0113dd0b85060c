<?php

declare(strict_types=1);

namespace Tests\Feature\Security;

use App\Databases\ImmediatePdo;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Several writers on one SQLite file, as several phones would be. */
final class ConcurrencyTest extends TestCase
{
    private const WRITERS = 4;
    private const TURNS = 40;

    private string $path;

    protected function setUp(): void
    {
        $this->path = sys_get_temp_dir().'/good-rinse-'.bin2hex(random_bytes(6)).'.sqlite';
        $pdo = $this->open();
        $pdo->exec('PRAGMA journal_mode = WAL');
        $pdo->exec('CREATE TABLE tally (n INTEGER NOT NULL)');
        $pdo->exec('INSERT INTO tally VALUES (0)');
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->path*") ?: []);
    }

    private function open(): ImmediatePdo
    {
        $pdo = new ImmediatePdo("sqlite:$this->path", null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $pdo->exec('PRAGMA busy_timeout = 10000');

        return $pdo;
    }

    public function test_nobody_is_turned_away_and_no_write_is_lost(): void
    {
        $script = sprintf(
            'require %s; $pdo = new App\Databases\ImmediatePdo(%s); $pdo->exec("PRAGMA busy_timeout = 10000");
            for ($i = 0; $i < %d; ++$i) { $pdo->beginTransaction(); 
                $n = $pdo->query("SELECT n FROM tally")->fetchColumn(); usleep(500);
                $pdo->exec("UPDATE tally SET n = ".($n + 1)); $pdo->commit(); }',
            var_export(dirname(__DIR__, 3).'/vendor/autoload.php', true),
            var_export("sqlite:$this->path", true),
            self::TURNS,
        );
        $writers = array_map(static fn (): Process => new Process([PHP_BINARY, '-r', $script]), range(1, self::WRITERS));
        array_map(static fn (Process $writer) => $writer->start(), $writers);
        foreach ($writers as $writer) {
            self::assertSame(0, $writer->wait(), $writer->getErrorOutput().$writer->getOutput());
        }
        $query = $this->open()->query('SELECT n FROM tally');
        self::assertNotFalse($query);
        self::assertSame(self::WRITERS * self::TURNS, (int) $query->fetchColumn());
    }

    public function test_a_transaction_knows_whether_it_is_open(): void
    {
        $pdo = $this->open();
        self::assertFalse($pdo->inTransaction());
        $pdo->beginTransaction();
        self::assertTrue($pdo->inTransaction());
        $pdo->exec('UPDATE tally SET n = 5');
        $pdo->rollBack();
        self::assertFalse($pdo->inTransaction());
        $query = $pdo->query('SELECT n FROM tally');
        self::assertNotFalse($query);
        self::assertSame(0, (int) $query->fetchColumn());
    }

    public function test_the_applications_own_writers_lose_nothing_side_by_side(): void
    {
        $root = dirname(__DIR__, 3);
        $database = "$this->path.application";
        file_put_contents($database, (string) gzdecode((string) file_get_contents("$root/tests/fixtures/logbook/d1e356f.sqlite.gz")));
        $environment = [
            'DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => $database,
            'APP_CONFIG_CACHE' => "$root/bootstrap/cache/none-config.php", 'APP_ENV' => 'testing',
        ];
        (new Process([PHP_BINARY, 'artisan', 'migrate', '--force'], $root, $environment))->mustRun();
        $count = static function () use ($database): int {
            $query = (new \PDO("sqlite:$database"))->query('SELECT count(*) FROM entries');

            return false === $query ? -1 : (int) $query->fetchColumn();
        };
        $before = $count();
        $command = [PHP_BINARY, 'artisan', 'bench:write', 'old@marrowick.example', '--seconds=2'];
        $writers = array_map(static fn (): Process => new Process($command, $root, $environment), range(1, self::WRITERS));
        array_map(static fn (Process $writer) => $writer->start(), $writers);
        $written = 0;
        foreach ($writers as $writer) {
            self::assertSame(0, $writer->wait(), $writer->getErrorOutput().$writer->getOutput());
            $told = json_decode($writer->getOutput(), true);
            self::assertSame([0, null], [$told['failed'] ?? 1, $told['why'] ?? null]);
            $written += $told['written'];
        }
        self::assertGreaterThan(self::WRITERS, $written);
        self::assertSame($before + $written, $count());
    }
}
