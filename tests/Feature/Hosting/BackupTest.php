<?php

declare(strict_types=1);

namespace Tests\Feature\Hosting;

use App\Backups\BackupFailed;
use App\Backups\BackupFolder;
use App\Backups\BackupMaker;
use App\Backups\BackupReader;
use App\Backups\BackupRestorer;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Everything in one file, verified, and back again. */
final class BackupTest extends TestCase
{
    use OnDisk;

    public function test_what_was_backed_up_comes_back_to_the_byte_with_the_same_today(): void
    {
        $this->installed('installations/735c350', function (): void {
            Artisan::call('migrate', ['--force' => true]);
            mkdir("$this->place/photos/house", 0o700);
            file_put_contents("$this->place/photos/house/a.jpg", random_bytes(5000));
            $picture = hash_file('sha256', "$this->place/photos/house/a.jpg");
            [$rows, $today] = [$this->rows(), $this->today()];
            self::assertSame(0, Artisan::call('backup:make'));
            $backup = app(BackupFolder::class)->newest();
            self::assertNotNull($backup);
            self::assertSame('0600', substr(sprintf('%o', fileperms($backup->path)), -4));
            self::assertSame([$backup->path], glob("$this->place/backups/*"), 'nothing is left beside it');

            DB::table('machines')->update(['name' => 'Gone']);
            unlink("$this->place/photos/house/a.jpg");
            file_put_contents("$this->place/photos/house/b.jpg", 'since then');
            self::assertSame(0, Artisan::call('backup:restore', ['--yes' => true]));
            self::assertSame($rows, $this->rows());
            self::assertSame($today, $this->today());
            self::assertSame($picture, hash_file('sha256', "$this->place/photos/house/a.jpg"));
            self::assertFileDoesNotExist("$this->place/photos/house/b.jpg");
            self::assertFileExists("$this->place/photos.before/house/b.jpg");
        });
    }

    public function test_it_is_made_while_others_write(): void
    {
        $this->installed('installations/735c350', function (): void {
            DB::beginTransaction();
            DB::table('machines')->update(['name' => 'Half-way']);
            $backup = app(BackupMaker::class)->make();
            DB::rollBack();
            self::assertNotEmpty((new BackupReader($backup->path))->verify());
            $copy = "$this->place/look.sqlite";
            (new BackupReader($backup->path))->takeApart($copy, "$this->place/look");
            $db = new \SQLite3($copy, SQLITE3_OPEN_READONLY);
            self::assertSame(0, $db->querySingle("SELECT COUNT(*) FROM machines WHERE name = 'Half-way'"));
        });
    }

    public function test_a_backup_that_was_changed_cut_off_or_is_none_changes_nothing(): void
    {
        $this->installed('installations/735c350', function (): void {
            Artisan::call('migrate', ['--force' => true]);
            $rows = $this->rows();
            $good = app(BackupMaker::class)->make()->path;
            $zip = new \ZipArchive();
            copy($good, "$this->place/changed.zip");
            $zip->open("$this->place/changed.zip");
            $zip->addFromString(BackupMaker::KEY, 'base64:another');
            $zip->close();
            file_put_contents("$this->place/cut.zip", substr((string) file_get_contents($good), 0, 20_000));
            file_put_contents("$this->place/none.zip", 'no zip at all');
            foreach (['changed', 'cut', 'none'] as $bad) {
                try {
                    app(BackupRestorer::class)->restore("$this->place/$bad.zip");
                    self::fail("$bad was taken");
                } catch (BackupFailed $e) {
                    self::assertNotSame('', $e->getMessage());
                }
                self::assertSame($rows, $this->rows());
            }
        });
    }

    public function test_which_are_kept(): void
    {
        $folder = new BackupFolder("$this->place/kept");
        $folder->make();
        for ($day = 0; $day < 500; ++$day) {
            touch($folder->fileFor(new \DateTimeImmutable("2026-06-15 03:10 UTC -$day days")));
        }
        touch($folder->fileFor(new \DateTimeImmutable('2026-06-15 09:00 UTC')));
        foreach ($folder->surplus() as $old) {
            unlink($old->path);
        }
        $days = array_map(static fn ($backup): string => $backup->madeAt->format('Y-m-d'), $folder->all());
        self::assertSame(['2026-06-15', '2026-06-14', '2026-06-13'], array_slice($days, 0, 3));
        self::assertSame('2026-06-09', $days[6]);
        self::assertSame(['2026-06-07', '2026-05-31', '2026-04-30', '2026-03-31'], array_slice($days, 7, 4));
        self::assertSame('2025-07-31', end($days));
        self::assertSame('09:00', $folder->all()[0]->madeAt->format('H:i'), 'the newest of a day');
        self::assertSame([], $folder->surplus());
    }

    public function test_the_keeper_sees_when_the_last_good_one_was(): void
    {
        $ama = $this->member();
        $this->actingAs($ama)->get('/household')->assertSee(__('household.backup.none'));
        (new BackupFolder())->make();
        touch((new BackupFolder())->fileFor($this->clock->now()->modify('-1 day')));
        $this->get('/household')->assertDontSee(__('household.backup.none'))->assertDontSee(__('household.backup.old'));
        $this->clock->move('+5 days');
        $this->get('/household')->assertSee(__('household.backup.old'));
    }

    private function today(): string
    {
        $content = (string) $this->actingAs(User::query()->orderBy('id')->firstOrFail())->get('/')->assertOk()->getContent();

        return (string) preg_replace(['/[0-9A-HJKMNP-TV-Z]{26}/i', '/_token" value="\w+/', '/content="\w+"/', '/\d\d:\d\d/'], '', $content);
    }
}
