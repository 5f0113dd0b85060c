<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Handbook;
use Tests\TestCase;

/** The egg boiler of docs/adding-a-machine-kind.md, taken from that page: a kind is a folder and nothing else. */
final class NewKindTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = storage_path('framework/testing/egg-boiler-'.bin2hex(random_bytes(4)));
        exec('cp -r '.escapeshellarg(base_path('handbook')).' '.escapeshellarg($this->folder));
        $boiler = "$this->folder/machines/egg-boiler";
        mkdir("$boiler/procedures", 0o777, true);
        foreach (self::examples() as $file => $example) {
            file_put_contents("$boiler/$file", $example);
        }
        $this->app->instance(Handbook::class, new Handbook((new HandbookCompiler($this->folder))->compile()));
    }

    protected function tearDown(): void
    {
        exec('rm -r '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    /** @return array<string, string> every file the page writes, by its name; the test adds none of its own */
    private static function examples(): array
    {
        $page = (string) file_get_contents(base_path('docs/adding-a-machine-kind.md'));
        preg_match_all('/^## (\S+\.yaml)\n\n((?:(?: {4}.*)?\n)+)/m', $page, $matches);

        return array_combine(
            $matches[1],
            array_map(static fn (string $text): string => (string) preg_replace('/^ {4}/m', '', $text), $matches[2]),
        );
    }

    public function test_the_page_writes_every_file_it_names(): void
    {
        self::assertSame(['kind.yaml', 'steps.yaml', 'procedures/descale.yaml', 'trace.yaml'], array_keys(self::examples()));
    }

    public function test_its_faults_are_traced_too(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user, ['kind' => 'egg-boiler', 'name' => 'Sunday boiler', 'traits' => ['element' => 'hidden']]);
        $this->actingAs($user)->get("/machines/$machine->id/trace")->assertOk()->assertSee('It takes long to boil');
    }

    public function test_it_is_added_cleaned_and_learned_like_any_other(): void
    {
        $user = $this->member();
        $this->actingAs($user)->get('/machines/new')->assertSee('Egg boiler');
        $this->get('/machines/new?kind=egg-boiler')->assertOk()->assertSee('With a coil you can see');
        $this->post('/machines', [
            'id' => $this->ulid(), 'kind' => 'egg-boiler', 'name' => 'Sunday boiler', 'traits' => ['element' => 'hidden'],
            'habits' => ['boilsPerWeek' => '14'], 'schools' => ['descale' => 'monthly'], 'cleaned_on' => '2026-05-22',
        ])->assertRedirect('/');
        $machine = Machine::query()->sole();
        $this->get("/machines/$machine->id")
            ->assertOk()->assertSee(__('views/components/care/task-tile.rhythm', ['rhythm' => '30 days or 60 loads']));

        $this->post("/machines/$machine->id/rounds", ['task' => 'descale'])->assertRedirect();
        $round = $machine->rounds()->with('machine')->firstOrFail();
        $this->walk($round, ['found' => 'crust-patches']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")
            ->assertSee(__('reasons.learned', [
                'grade' => 'Patches', 'uses' => '24 days', 'before' => '30 days',
                'after' => '27', 'limit' => '',
            ]));
        $this->get('/logbook')->assertSee('100 ml of white vinegar into the bowl (5 %)')->assertSee(
            __('logbook.clearing.plain-brews', ['vessel' => 'bowl']),
        );
    }
}
