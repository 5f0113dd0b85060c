<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Measures;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A household of cups and spoons reads and writes its own measures everywhere; what is kept stays metric. */
final class MeasuresTest extends TestCase
{
    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(Household::factory()->create(['measures' => Measures::UnitedStates, 'hardness' => 12.0])->refresh());
        $this->actingAs($this->user);
    }

    /** @param array<string, string> $traits */
    private function brewer(array $traits = []): Machine
    {
        return $this->machineOf($this->user, [
            'kind' => 'drip-brewer',
            'name' => 'Pot',
            'traits' => $traits + ['programme' => 'manual'],
            'habits' => ['brewsPerWeek' => 7.0],
            'schools' => [],
        ]);
    }

    private function assertOwnMeasures(string $path): void
    {
        $text = html_entity_decode((string) preg_replace(
            ['~<(script|style|svg)\b.*?</\1>~s', '~<[^>]*(placeholder|aria-label)="([^"]*)"[^>]*>~', '~<[^>]+>~'],
            ['', ' $2 ', ' '],
            (string) $this->get($path)->assertOk()->getContent(),
        ));
        self::assertDoesNotMatchRegularExpression('~\d\s*(ml|g|litres?)\b|\((ml|g|litres)\)|\b(millilitres|litres)\b~u', $text, $path);
    }

    public function test_no_page_speaks_of_litres_or_grams(): void
    {
        $pot = $this->brewer(['tankMl' => '1500', 'brewMl' => '1300']);
        $pods = $this->machineOf($this->user, [
            'kind' => 'pod-brewer',
            'name' => 'Pods',
            'traits' => ['brewMl' => '240'],
            'habits' => ['brewsPerWeek' => 20.0],
            'schools' => [],
        ]);
        $this->post("/machines/$pot->id/rounds", ['procedures' => ['descale-manual']])->assertSessionHasNoErrors();
        foreach ([
            '/',
            '/kitchen',
            '/rhythm',
            '/logbook',
            "/machines/$pot->id",
            "/machines/$pot->id/edit",
            "/machines/$pods->id",
            "/machines/$pods->id/start",
            '/machines/new?kind=pod-brewer',
            '/rounds/'.Round::query()->sole()->id,
        ] as $page) {
            $this->assertOwnMeasures($page);
        }
        $handbook = app(Handbook::class);
        foreach ($handbook->kindNames() as $kind => $name) {
            foreach (array_keys($handbook->kind($kind)->procedureNames) as $procedure) {
                $this->assertOwnMeasures("/handbook/$kind/$procedure");
            }
        }
    }

    public function test_the_calendar_speaks_the_measures_of_its_household_whoever_fetches_it(): void
    {
        $this->machineOf($this->user, [
            'kind' => 'pod-brewer',
            'name' => 'Pods',
            'traits' => ['brewMl' => '240', 'cartridge' => 'cartridge'],
            'habits' => ['brewsPerWeek' => 70.0],
            'schools' => ['cartridge' => 'forty-litres'],
        ]);
        $this->post('/machines/'.Machine::query()->sole()->id.'/before', ['id' => $this->ulid(), 'new_on' => '2026-06-01'])
            ->assertSessionHasNoErrors();
        $this->post(
            '/machines/'.Machine::query()->sole()->id.'/uses',
            ['id' => $this->ulid(), 'from' => '2026-06-01', 'to' => '2026-06-14', 'uses' => '210'],
        )->assertSessionHasNoErrors();
        $link = (string) $this->post('/feeds')->getSession()->get('feed');
        $this->post('/logout');
        $text = str_replace("\r\n ", '', (string) $this->get((string) parse_url($link, PHP_URL_PATH))->assertOk()->getContent());
        self::assertStringContainsString('gallons', $text);
        self::assertStringNotContainsString('litres', $text);
    }

    public function test_a_size_is_asked_and_kept_and_shown_again_as_it_was_written(): void
    {
        $pot = $this->brewer();
        $this->put("/machines/$pot->id/traits/tankMl", ['value' => '50'])->assertSessionHasNoErrors();
        self::assertSame('1479', $pot->refresh()->traits['tankMl']);
        $this->get("/machines/$pot->id/edit")->assertSee('name="traits[tankMl]"', false)->assertSee('value="50"', false);
        $this->put("/machines/$pot->id/traits/tankMl", ['value' => '1500'])->assertSessionHasErrors(['value']);
        self::assertSame('1479', $pot->refresh()->traits['tankMl']);
    }

    public function test_a_cup_is_read_in_fluid_ounces(): void
    {
        $machine = $this->machineOf($this->user, ['traits' => ['tub' => 'stainless']]);
        $this->post("/machines/$machine->id/rounds", ['procedures' => ['heat-and-flow']])->assertSessionHasNoErrors();
        $round = Round::query()->with('machine')->sole();
        while ('cup-one' !== ($step = $round->progress()->current())?->id) {
            $this->tick($round, (string) $step?->id, $step?->capture?->options[0]->id)->assertSessionHasNoErrors();
        }
        $this->get("/rounds/$round->id")->assertOk()->assertSee('Cup after one minute, fl oz')->assertDontSee(', ml');
        $this->tick($round, 'cup-one', null, ['r' => ['cup-first' => '60']])->assertSessionHasErrors();
        $this->tick($round, 'cup-one', null, ['r' => ['cup-first' => '6']])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(177.0, Entry::query()->where('kind', EntryKind::Measurement)->sole()->payload['number'], 0.5);
        $this->get('/logbook')->assertSee('6 fl oz');
    }

    /** @return iterable<array{string, string, float, string}> amount, measure, what is kept, unit it is kept in */
    public static function pours(): iterable
    {
        yield ['2', 'tbsp', 29.574, 'ml'];
        yield ['1.5', 'cup', 354.882, 'ml'];
        yield ['8', 'floz', 236.592, 'ml'];
        yield ['2', 'oz', 56.699, 'g'];
        yield ['3', 'pieces', 3.0, 'pieces'];
    }

    #[DataProvider('pours')]
    public function test_a_pour_is_measured_with_what_is_in_the_drawer(string $amount, string $measure, float $kept, string $unit): void
    {
        $machine = $this->machineOf($this->user, ['traits' => ['tub' => 'stainless']]);
        $this->post(
            "/machines/$machine->id/vessels/tub/pour",
            ['id' => $this->ulid(), 'agent' => 'white-vinegar', 'amount' => $amount, 'unit' => $measure],
        )->assertSessionHasNoErrors();
        $dose = Entry::query()->where('kind', EntryKind::Dose)->sole()->payload;
        self::assertEqualsWithDelta($kept, $dose[$unit] ?? $dose['count'] ?? 0.0, 1e-3, json_encode($dose, JSON_THROW_ON_ERROR));
    }
}
