<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Models\Household;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Files that are broken, foreign or mean harm: refused with the place named, and nothing changes. */
final class HostileFileTest extends TestCase
{
    use ExchangedHousehold;

    /**
     * @return iterable<string, array{\Closure(array<string, mixed>): (array<string, mixed>|string), string}> what is done to the
     *     file, what is said
     */
    public static function harm(): iterable
    {
        $at = static fn (string $table, int $i, string $column, mixed $value): \Closure => static function (array $file) use (
            $table,
            $i,
            $column,
            $value,
        ): array {
            $file[$table][$i][$column] = $value;

            return $file;
        };
        yield 'no JSON' => [static fn (array $file): string => '{"format": "good', 'cannot be read'];
        yield 'of another program' => [static fn (array $file): array => ['format' => 'other'] + $file, 'other program'];
        yield 'of a newer version' => [static fn (array $file): array => ['version' => 4] + $file, 'newer Good Rinse'];
        yield 'of no version' => [static fn (array $file): array => ['version' => '1'] + $file, 'newer Good Rinse'];
        yield 'a table missing' => [static fn (array $file): array => array_diff_key($file, ['ticks' => true]), 'ticks: '];
        yield 'a machine of no kind' => [$at('machines', 0, 'kind', 'toaster'), 'machines[0]: '];
        yield 'a machine twice' => [static function (array $file): array {
            $file['machines'][] = $file['machines'][0];

            return $file;
        }, 'machines[1].id: '];
        yield 'an id with a path' => [$at('machines', 0, 'id', '../../../../etc/passwd....'), 'machines[0].id: '];
        yield 'an unknown field' => [$at('machines', 0, 'household_id', 'x'), 'machines[0].household_id: '];
        yield 'traits in depth' => [$at('machines', 0, 'traits', ['tub' => ['a' => 'b']]), 'machines[0]: '];
        yield 'a kind of entry there is not' => [$at('entries', 0, 'kind', 'explosion'), 'entries[0].kind: '];
        yield 'an entry that cannot be read' => [$at('entries', 0, 'payload', ['x' => 1]), 'entries[0]: '];
        yield 'a day that does not exist' => [$at('entries', 0, 'happened_at', '2026-02-30T10:00:00Z'), 'entries[0].happened_at: '];
        yield 'a time zone' => [$at('entries', 0, 'zone', 'Mars/Olympus'), 'entries[0]'];
        yield 'a machine that is not in it' => [$at('entries', 0, 'machine_id', '01ARZ3NDEKTSV4RRFFQ69G5FAV'), 'entries[0].machine_id: '];
        yield 'a person who is not in it' => [$at('entries', 0, 'recorded_by', str_repeat('a', 26)), 'entries[0].recorded_by: '];
        yield 'a picture without its file' => [static function (array $file): array {
            $file['photos'] = [[
                'id' => '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'round_id' => null, 'step' => null, 'machine_id' => null, 'part' => null,
                'trace_id' => null,
                'file' => 'files/01ARZ3NDEKTSV4RRFFQ69G5FAV.jpg', 'width' => 1, 'height' => 1, 'taken_by' => null,
                'taken_at' => '2026-06-01T00:00:00Z',
            ]];

            return $file;
        }, 'photos[0].file: '];
        yield 'a picture elsewhere' => [static function (array $file): array {
            $file['photos'] = [['id' => '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'file' => 'files/../../.env']];

            return $file;
        }, 'photos[0].'];
        yield 'a script in a name' => [$at('machines', 0, 'name', "\x00<script>"), 'machines[0].name: '];
        yield 'a long name' => [$at('machines', 0, 'name', str_repeat('x', 5000)), 'machines[0].name: '];
        yield 'a number beyond all' => [static fn (array $file): string => str_replace(
            '"vinegar_strength":5.0',
            '"vinegar_strength":1e999',
            json_encode($file, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ), 'household.vinegar_strength: '];
        yield 'very deep' => [static fn (array $file): string => str_repeat('[', 100_000), 'cannot be read'];
    }

    /** @param \Closure(array<string, mixed>): (array<string, mixed>|string) $harm */
    #[DataProvider('harm')]
    public function test_a_file_that_is_wrong_is_refused_with_its_place(\Closure $harm, string $said): void
    {
        $file = $this->small();
        $harmed = $harm($file);
        $this->refused($this->zip(['household.json' => is_string($harmed) ? $harmed : json_encode($harmed, JSON_THROW_ON_ERROR)]), $said);
    }

    public function test_a_zip_that_is_none_or_holds_what_it_must_not(): void
    {
        $json = json_encode($this->small(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        file_put_contents("$this->place/none.zip", 'not a zip');
        $this->refused("$this->place/none.zip", 'cannot be opened');
        $this->refused($this->zip(['readme.txt' => 'hello']), 'no household.json');
        $this->refused($this->zip(['household.json' => $json, '../../evil.php' => '<?php']), 'outside its folder');
        $this->refused($this->zip(['household.json' => $json, '/etc/cron.d/x' => 'x']), 'outside its folder');
        $picture = 'files/01ARZ3NDEKTSV4RRFFQ69G5FAV.jpg';
        $this->refused($this->zip(['household.json' => $json, $picture => '<?php system("x");']), 'neither a picture');
        $this->refused($this->zip(['household.json' => str_repeat(' ', 70_000_000)]), 'larger than');
        $this->refused($this->zip(['household.json' => $json, $picture => str_repeat("\0", 20_000_000)]), 'larger than');
        self::assertSame([], glob("$this->place/evil*"));
        self::assertSame([], glob("$this->place/imports/*/*"), 'nothing is kept of what was refused');
    }

    public function test_a_million_lines_are_refused(): void
    {
        $file = $this->small();
        $json = json_encode($file, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $json = str_replace('"device_events":[]', '"device_events":['.implode(',', array_fill(0, 1_000_000, '1')).']', $json);
        $this->refused($this->zip(['household.json' => $json]), 'more than 400000 lines');
    }

    private function refused(string $zip, string $said): void
    {
        $ama = User::query()->firstOrFail();
        $before = [DB::table('entries')->count(), DB::table('machines')->count(), Household::query()->count()];
        $answer = $this->actingAs($ama)->post('/import', ['file' => $this->upload($zip)]);
        $answer->assertSessionHasErrors('file');
        $errors = $answer->getSession()->get('errors');
        self::assertStringContainsString($said, (string) $errors?->first('file'));
        self::assertSame($before, [DB::table('entries')->count(), DB::table('machines')->count(), Household::query()->count()]);
    }

    /** @return array<string, mixed> a household with one machine and one line */
    private function small(): array
    {
        $ama = $this->member();
        $machine = $this->machineOf($ama);
        $this->actingAs($ama)->post("/machines/$machine->id/uses", ['id' => $this->ulid(), 'uses' => 1]);
        $zip = new \ZipArchive();
        $zip->open($this->export($ama));
        $file = json_decode((string) $zip->getFromName('household.json'), true);
        \assert(is_array($file));
        $file['machines'][0]['traits'] = (object) $file['machines'][0]['traits'];

        /** @var array<string, mixed> */
        return $file;
    }

    /** @param array<string, string> $files */
    private function zip(array $files): string
    {
        $path = "$this->place/".uniqid('harm').'.zip';
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::CREATE);
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $path;
    }
}
