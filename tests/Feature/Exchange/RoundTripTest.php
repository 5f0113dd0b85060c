<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Actions\Household\ChangeMembers;
use App\Actions\Rounds\StorePhoto;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Membership;
use App\Models\Photo;
use App\Models\Round;
use App\Models\User;
use App\Support\Scalar;
use Database\Seeders\DemoHousehold;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

/** Out of one installation and into another: the same household. */
final class RoundTripTest extends TestCase
{
    use ExchangedHousehold;

    private const TABLES = ['machines', 'rounds', 'entries', 'ticks', 'traces', 'devices', 'device_events', 'photos', 'supplies',
        'documents'];

    public function test_taken_along_and_brought_into_an_empty_installation_it_is_the_same(): void
    {
        [$ama, $home] = $this->livedIn(true);
        $mine = Entry::query()->where('recorded_by', $ama->id)->count();
        $before = [$this->rows(), $this->rhythms($home), $this->today($ama), $this->pictures()];
        $zip = $this->export($ama);
        $this->emptyInstallation();

        $eva = User::factory()->create(['household_id' => null, 'name' => 'Eva'])->refresh();
        $path = $this->waiting($eva, $zip);
        $this->get($path)->assertOk()->assertSee($home->name)->assertSee('Nils');
        self::assertSame(0, Household::query()->count(), 'looking writes nothing');
        preg_match('/name="me" value="([0-9a-f]{26})" checked/', (string) $this->get($path)->getContent(), $me);
        $this->post($path, ['me' => $me[1] ?? '', 'merge' => '0'])->assertSessionHasNoErrors()->assertRedirect('/');

        $there = Household::query()->sole();
        self::assertSame($home->id, $there->id);
        self::assertEquals($before[0], $this->rows());
        self::assertSame($before[1], $this->rhythms($there));
        self::assertSame($before[2], str_replace('Eva', $ama->name, $this->today($eva->refresh())));
        self::assertSame($before[3], $this->pictures());
        self::assertSame($mine, Entry::query()->where('recorded_by', $eva->id)->count());
        self::assertSame(1, Membership::query()->where('household_id', $there->id)->count(), 'names are no accounts');
        $rounds = array_map(static fn (string $id): string => "/rounds/$id", Round::query()->pluck('id')->all());
        foreach (['/', '/logbook?show=all', '/rhythm', '/kitchen', ...$rounds] as $page) {
            $this->get($page)->assertOk();
        }
        $this->get("/import/{$this->ulid()}")->assertNotFound();
    }

    public function test_brought_in_twice_nothing_comes_twice_and_what_differs_stays_as_it_is(): void
    {
        [$ama, $home] = $this->livedIn();
        $zip = $this->export($ama);
        $machine = $home->machines()->orderBy('id')->firstOrFail();
        $machine->update(['name' => 'Renamed since']);
        $rows = $this->rows();
        $path = $this->waiting($ama, $zip);
        $this->get($path)->assertOk()->assertSee(__('exchange.nothing_new'))->assertSee('machines[0]');
        $this->post($path, ['merge' => '1'])->assertSessionHasNoErrors();
        self::assertEquals($rows, $this->rows());
        self::assertSame('Renamed since', $machine->refresh()->name);
    }

    public function test_nobody_gets_at_another_household_with_a_file(): void
    {
        [$ama] = $this->livedIn();
        $zip = $this->export($ama);
        $rows = $this->rows();
        $stranger = $this->member();
        $this->actingAs($stranger)->post('/import', ['file' => $this->upload($zip)])->assertSessionHasErrors('file');
        self::assertEquals($rows, $this->rows());
        self::assertFalse($stranger->memberships()->where('household_id', $ama->household_id)->exists());
        $path = $this->waiting($ama, $zip);
        $this->actingAs($stranger)->get($path)->assertNotFound();
        $this->post($path)->assertNotFound();
    }

    public function test_one_machine_goes_into_a_household_that_is_there(): void
    {
        [$ama, $home] = $this->livedIn();
        $machine = $home->machines()->where('kind', 'dishwasher')->orderBy('id')->firstOrFail();
        $this->actingAs($ama)->get("/machines/$machine->id/export")->assertOk();
        $zip = app(\App\View\Exchange\ExportArchive::class)->make($home, $ama, $machine);
        $mine = $this->rhythms($home)[$machine->id];
        $this->emptyInstallation();

        $buyer = $this->member();
        $path = $this->waiting($buyer, $zip);
        $this->post($path, ['me' => '', 'merge' => '1'])->assertSessionHasNoErrors();
        $home = $buyer->refresh()->home();
        self::assertSame([$machine->id], $home->machines()->pluck('id')->all());
        self::assertSame($mine, $this->rhythms($home)[$machine->id]);
        unlink($zip);
    }

    public function test_the_file_is_as_its_schema_says_and_opens_by_itself(): void
    {
        [$ama] = $this->livedIn();
        $zip = new \ZipArchive();
        $zip->open($this->export($ama));
        $json = json_decode((string) $zip->getFromName('household.json'));
        $schema = json_decode((string) file_get_contents(base_path('docs/household.schema.json')));
        \assert($schema instanceof \stdClass);
        $error = (new Validator())->validate($json, $schema)->error();
        self::assertNull($error, $error?->message() ?? '');
        $page = (string) $zip->getFromName('index.html');
        self::assertTrue(str_contains($page, $ama->home()->machines()->firstOrFail()->name), 'the machines stand in it');
        self::assertDoesNotMatchRegularExpression('#(src|href)="(https?:|/)#', $page);
        self::assertStringStartsWith('BEGIN:VCALENDAR', (string) $zip->getFromName('calendar.ics'));
        $uses = explode("\n", trim((string) $zip->getFromName('csv/uses.csv')));
        self::assertSame('day,machine,unit,uses', $uses[0]);
        self::assertGreaterThan(1, count($uses));
        foreach (['token', 'password', '@marrowick', 'remember'] as $secret) {
            self::assertStringNotContainsString($secret, (string) $zip->getFromName('household.json'));
        }
    }

    public function test_the_schema_in_docs_is_what_the_program_reads(): void
    {
        self::assertSame(0, Artisan::call('exchange:schema'));
        self::assertSame(trim((string) file_get_contents(base_path('docs/household.schema.json'))), trim(Artisan::output()));
    }

    public function test_what_is_exported_is_ones_own(): void
    {
        $this->livedIn();
        $other = $this->machineOf($this->member());
        $stranger = $this->member();
        $this->actingAs($stranger)->get("/machines/$other->id/export")->assertNotFound();
        $zip = new \ZipArchive();
        $zip->open($this->export($stranger));
        $file = json_decode((string) $zip->getFromName('household.json'), true);
        self::assertIsArray($file);
        self::assertSame([], $file['entries']);
        self::assertSame([], $file['machines']);
        self::assertCount(1, (array) $file['people']);
    }

    /** @return array{User, Household} the demo or a small household, with two people, an open round, a picture and a counter */
    private function livedIn(bool $long = false): array
    {
        $ama = $long ? app(DemoHousehold::class)->load() : $this->member();
        $home = $ama->refresh()->home();
        if (!$long) {
            $this->machineOf($ama);
        }
        $nils = User::factory()->create(['household_id' => null, 'name' => 'Nils'])->refresh();
        app(ChangeMembers::class)->add($nils, $home);
        $machine = $home->machines()->where('kind', 'dishwasher')->orderBy('id')->firstOrFail();
        $this->actingAs($nils->refresh());
        $this->post("/machines/$machine->id/uses", ['id' => $this->ulid(), 'uses' => 1]);
        $round = $this->startRound($nils, $machine, 'filter-clean');
        $this->tick($round, 'kit');
        app(StorePhoto::class)->ofStep($round, $nils, $this->ulid(), 'hold-to-light', UploadedFile::fake()->image('f.jpg', 60, 40));
        $this->post("/machines/$machine->id/devices", ['name' => 'Shelf counter']);

        return [$ama, $home];
    }

    /** @return array<string, mixed> every row, without numbers that each installation gives by itself */
    private function rows(): array
    {
        $rows = [];
        $names = DB::table('users')->pluck('name', 'id');
        foreach (self::TABLES as $table) {
            foreach (DB::table($table)->orderBy('device_events' === $table ? 'event' : 'id')->get() as $row) {
                $row = array_diff_key((array) $row, array_flip(['seq', 'token_hash', 'token_sealed', 'last_seen_at', 'logbook_seq']));
                foreach (['recorded_by', 'started_by', 'made_by', 'taken_by', 'added_by'] as $column) {
                    if (isset($row[$column])) {
                        $row[$column] = str_replace('Eva', 'Ama Okonjo', Scalar::text($names[$row[$column]]));
                    }
                }
                $rows[$table][] = array_map(
                    static fn (mixed $value): mixed => is_string($value) && 1 === preg_match('/^[{\[]/', $value)
                        ? json_decode($value, true)
                        : (is_numeric($value) ? (float) $value : $value),
                    $row,
                );
            }
        }

        return $rows;
    }

    private function today(User $user): string
    {
        $this->actingAs($user)->get('/'); // what was said last is said once
        $content = (string) $this->get('/')->assertOk()->getContent();

        $same = (string) preg_replace(
            [
                '#<form [^>]*/claim">.*?</form>#s', // there is nobody else yet who could do it
                '/name="id" value="\w+"/',
                '/_token" value="[^"]+"/',
                '/name="(csrf-token|person)" content="\w+"/',
                '/[0-9A-HJKMNP-TV-Z]{26}/',
            ],
            '',
            $content,
        );

        return (string) preg_replace('/\s+/', ' ', $same);
    }

    /** @return array<string, string> hashes of pictures by name */
    private function pictures(): array
    {
        $hashes = [];
        foreach (Photo::query()->orderBy('id')->get() as $photo) {
            $hashes[$photo->file] = (string) hash_file('sha256', $photo->path());
        }

        return $hashes;
    }
}
