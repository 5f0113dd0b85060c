<?php

declare(strict_types=1);

namespace Tests\Feature\Hosting;

use App\Handbook\CompiledHandbook;
use App\Models\Entry;
use App\Models\User;
use Database\Factories\UserFactory;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Psr\Log\NullLogger;
use Tests\TestCase;

/** A disk that is full, a database that cannot be written, files that were cut off. */
final class FaultsTest extends TestCase
{
    use OnDisk;

    #[TestWith(['PRAGMA query_only = ON', 'failures.readonly'])]
    #[TestWith(['PRAGMA max_page_count = 1', 'failures.full'])]
    public function test_reading_and_logging_in_go_on_where_nothing_can_be_written_and_writing_says_why(string $fault, string $said): void
    {
        $this->installed('installations/735c350', function () use ($fault, $said): void {
            Artisan::call('migrate', ['--force' => true]);
            $ama = User::query()->orderBy('id')->firstOrFail();
            $ama->forceFill(['password' => UserFactory::PASSWORD, 'remember_token' => 'kept'])->save();
            $machine = $ama->home()->machines()->firstOrFail();
            DB::statement($fault);
            $before = Entry::query()->count();

            $this->post('/login', ['email' => $ama->email, 'password' => UserFactory::PASSWORD])->assertRedirect('/');
            foreach (['/', "/machines/$machine->id", '/logbook', '/rhythm', '/household'] as $page) {
                $this->get($page)->assertOk();
            }
            for ($i = 0; $i < 40; ++$i) { // until the last free page is used up
                $answer = $this->post("/machines/$machine->id/uses", ['id' => $this->ulid(), 'uses' => 1]);
            }
            $answer->assertSessionHasErrors('did');
            self::assertStringContainsString((string) __($said), (string) $answer->getSession()->get('errors')?->first('did'));
            self::assertLessThan($before + 40, Entry::query()->count());
            $this->get('/')->assertOk();
        });
    }

    #[TestWith([''])]
    #[TestWith(['<?php return array ("stamp" =>'])]
    #[TestWith(['a:2:{s:5:"stamp";s:3'])]
    #[TestWith(["\0\0\0\0"])]
    public function test_a_kept_handbook_that_was_cut_off_is_made_anew(string $left): void
    {
        $cache = "$this->place/handbook.php";
        $handbook = static fn (): CompiledHandbook => new CompiledHandbook(base_path('handbook'), $cache, new NullLogger());
        $whole = $handbook()->data();
        foreach ([$cache, "$cache.bin"] as $file) {
            file_put_contents($file, $left);
        }
        self::assertSame($whole['version'], $handbook()->data()['version']);
        self::assertGreaterThan(1000, max(filesize($cache), filesize("$cache.bin")));
    }

    public function test_a_kept_handbook_is_made_anew_when_the_code_that_compiles_it_has_changed(): void
    {
        $cache = "$this->place/handbook.php";
        mkdir("$this->place/code");
        file_put_contents("$this->place/code/Order.php", '<?php');
        $handbook = fn (): CompiledHandbook => new CompiledHandbook(
            base_path('handbook'),
            $cache,
            new NullLogger(),
            code: ["$this->place/code"],
        );
        $handbook()->data();
        $kept = md5_file("$cache.bin");
        $handbook()->data();
        self::assertSame($kept, md5_file("$cache.bin"), 'nothing has changed');
        file_put_contents("$this->place/code/Order.php", '<?php // another order');
        clearstatcache();
        $handbook()->data();
        self::assertNotSame($kept, md5_file("$cache.bin"));
    }
}
