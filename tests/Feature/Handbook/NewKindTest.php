<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Handbook;
use Tests\TestCase;

/** The kettle of docs/adding-a-machine-kind.md, taken from that page: a kind is a folder and nothing else. */
final class NewKindTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = storage_path('framework/testing/kettle-'.bin2hex(random_bytes(4)));
        exec('cp -r '.escapeshellarg(base_path('handbook')).' '.escapeshellarg($this->folder));
        $kettle = "$this->folder/machines/kettle";
        mkdir("$kettle/procedures", 0o777, true);
        foreach (['kind.yaml', 'steps.yaml'] as $file) {
            file_put_contents("$kettle/$file", self::example($file));
        }
        file_put_contents(
            "$kettle/procedures/descale.yaml",
            "id: descale\nname: Descale\ndoes: Take the crust off.\nsteps: [look-in, pour, rinse]\n",
        );
        $this->app->instance(Handbook::class, new Handbook((new HandbookCompiler($this->folder))->compile()));
    }

    protected function tearDown(): void
    {
        exec('rm -r '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    private static function example(string $file): string
    {
        $page = (string) file_get_contents(base_path('docs/adding-a-machine-kind.md'));
        self::assertSame(
            1,
            preg_match('/^## '.preg_quote($file, '/').'\n\n((?:(?: {4}.*)?\n)+)/m', $page, $match),
            "$file stands in the page",
        );

        return (string) preg_replace('/^ {4}/m', '', $match[1] ?? '');
    }

    public function test_it_is_added_cleaned_and_learned_like_any_other(): void
    {
        $user = $this->member();
        $this->actingAs($user)->get('/machines/new')->assertSee('Kettle');
        $this->get('/machines/new?kind=kettle')->assertOk()->assertSee('With a coil you can see');
        $this->post('/machines', [
            'id' => $this->ulid(), 'kind' => 'kettle', 'name' => 'Copper kettle', 'traits' => ['element' => 'hidden'],
            'habits' => ['litresPerWeek' => '14'], 'schools' => ['descale' => 'monthly'], 'cleaned_on' => '2026-05-22',
        ])->assertRedirect('/');
        $machine = Machine::query()->sole();
        $this->get("/machines/$machine->id")->assertOk()->assertSee('Rhythm: 30 days or 60 litres');

        $this->post("/machines/$machine->id/rounds", ['task' => 'descale'])->assertRedirect();
        $round = $machine->rounds()->with('machine')->firstOrFail();
        $this->walk($round, ['found' => 'lime-slower']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertSee('Slower after 24 days, so 30 days became 27.');
        $this->get('/logbook')->assertSee('400 ml of white vinegar into the kettle (5 %)')->assertSee(
            'Plain water ran through the kettle, twice the tank',
        );
    }
}
