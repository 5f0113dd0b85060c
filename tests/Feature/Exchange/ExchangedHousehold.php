<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Care\Readers\CareReader;
use App\Models\Household;
use App\Models\User;
use App\View\Exchange\ExportArchive;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** A household taken along, and an empty installation to bring it into. */
trait ExchangedHousehold
{
    private string $place = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->place = storage_path('framework/testing/'.uniqid('exchange'));
        mkdir("$this->place/photos", 0o700, true);
        config(['good-rinse.photos' => "$this->place/photos", 'good-rinse.imports' => "$this->place/imports"]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->place);
        parent::tearDown();
    }

    private function export(User $by): string
    {
        $zip = app(ExportArchive::class)->make($by->home(), $by);
        rename($zip, "$this->place/export.zip");

        return "$this->place/export.zip";
    }

    /** Everything that is here goes, as on another machine. */
    private function emptyInstallation(): void
    {
        DB::table('households')->update(['leaving' => true]);
        $tables = [
            'photos', 'documents', 'supplies', 'device_events', 'ticks', 'entries', 'traces', 'rounds', 'devices', 'machines',
            'security_events',
            'logins', 'memberships', 'invitations', 'calendar_feeds',
        ];
        foreach ($tables as $table) {
            DB::table($table)->delete();
        }
        DB::table('users')->update(['household_id' => null]);
        DB::table('households')->delete();
        DB::table('users')->delete();
        File::deleteDirectory(config()->string('good-rinse.photos'));
        app('cache')->flush();
        app('auth')->forgetGuards();
    }

    /** @return array<string, mixed> rhythms of a household, to the last digit */
    private function rhythms(Household $household): array
    {
        app('cache')->flush();
        $all = [];
        foreach (app(CareReader::class)->household($household) as $care) {
            foreach ($care->tasks as $id => $task) {
                $rhythm = $task->rhythm();
                $all[$care->machine->id][$id] = [$rhythm->wear, (string) $rhythm->dueOn, $rhythm->deciding->learned->interval];
            }
        }

        return $all;
    }

    private function upload(string $path): UploadedFile
    {
        return new UploadedFile($path, 'export.zip', 'application/zip', null, true);
    }

    private function waiting(User $by, string $zip): string
    {
        $location = $this->actingAs($by)->post('/import', ['file' => $this->upload($zip)])->headers->get('location');

        return (string) parse_url((string) $location, PHP_URL_PATH);
    }
}
