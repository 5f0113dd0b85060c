<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Care\Cupboard\CupboardReader;
use App\Models\Household;
use App\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What earlier versions wrote, and what later ones added to it. */
final class EarlierFileTest extends TestCase
{
    use ExchangedHousehold;

    /** @return iterable<string, array{int, int, float}> version, lines of its logbook, ml of vinegar */
    public static function versions(): iterable
    {
        yield 'before supplies were kept' => [1, 494, 1360.0];
        yield 'before machines could leave' => [2, 2888, 900.0];
    }

    #[DataProvider('versions')]
    public function test_a_file_that_an_earlier_version_wrote_is_brought_in_whole(int $version, int $entries, float $vinegar): void
    {
        $packed = (string) file_get_contents(dirname(__DIR__, 2)."/fixtures/exchange/version-$version.json.gz");
        $json = (string) gzdecode($packed);
        $zip = new \ZipArchive();
        $zip->open("$this->place/earlier.zip", \ZipArchive::CREATE);
        $zip->addFromString('household.json', $json);
        $zip->close();
        $eva = User::factory()->create(['household_id' => null])->refresh();
        $path = $this->waiting($eva, "$this->place/earlier.zip");
        $this->post($path, ['me' => '', 'merge' => '0'])->assertSessionHasNoErrors()->assertRedirect('/');
        $file = json_decode($json, true);
        self::assertIsArray($file);
        $home = Household::query()->sole();
        self::assertSame([5, $entries], [$home->activeMachines()->count(), $home->entries()->count()]);
        self::assertFalse($home->counts_time);
        $this->actingAs($eva->refresh())->get('/cupboard')->assertOk();
        self::assertEqualsWithDelta($vinegar, app(CupboardReader::class)->of($home)->stocks['white-vinegar']->level, 1e-9);
    }

    public function test_how_supplies_are_kept_goes_along_and_stays_what_it_is_where_it_is_kept_otherwise(): void
    {
        $ama = $this->member();
        $this->machineOf($ama);
        $home = $ama->refresh()->home();
        $this->actingAs($ama)->put('/cupboard/supplies', ['supply' => 'white-vinegar', 'place' => 'Attic'])->assertRedirect();
        $home->update([
            'session_rule' => ['mode' => 'suits', 'which' => 1, 'weekday' => 6, 'minutes' => 90, 'on' => '2026-01-01', 'days' => []],
            'quiet_machines' => true,
        ]);
        $rule = $home->refresh()->session_rule;
        $zip = $this->export($ama);
        $home->supplies()->where('supply', 'white-vinegar')->delete();
        $this->put('/cupboard/supplies', ['supply' => 'white-vinegar', 'place' => 'Shed'])->assertRedirect();
        $this->post($this->waiting($ama, $zip), ['merge' => '1'])->assertSessionHasNoErrors();
        self::assertSame('Shed', $home->supplies()->where('supply', 'white-vinegar')->sole()->place);
        $this->emptyInstallation();
        $eva = User::factory()->create(['household_id' => null])->refresh();
        $this->post($this->waiting($eva, $zip), ['me' => '', 'merge' => '0'])->assertSessionHasNoErrors();
        $there = Household::query()->sole();
        self::assertSame('Attic', $there->supplies()->where('supply', 'white-vinegar')->sole()->place);
        self::assertEquals($rule, $there->session_rule);
        self::assertTrue($there->quiet_machines);
    }
}
