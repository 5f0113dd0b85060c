<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Compiler\InvalidHandbook;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Fraction;
use Tests\Core\CoreTestCase;

final class HandbookLoaderTest extends CoreTestCase
{
    use CopiedHandbook;

    public function test_the_version_changes_with_the_data(): void
    {
        $before = (new HandbookCompiler($this->folder))->fingerprint();
        self::assertSame($before, (new HandbookCompiler($this->folder))->fingerprint());
        file_put_contents("$this->folder/kit.yaml", '# one more line', FILE_APPEND);
        self::assertNotSame($before, (new HandbookCompiler($this->folder))->fingerprint());
    }

    public function test_the_handbook_that_ships_is_noted_as_checked(): void
    {
        self::assertTrue(
            (new HandbookCompiler(dirname(__DIR__, 3).'/handbook'))->isChecked(),
            'The handbook has changed: run php artisan handbook:check --note.',
        );
    }

    public function test_a_file_that_was_changed_after_the_check_is_checked_again(): void
    {
        $compiler = new HandbookCompiler($this->folder);
        file_put_contents("$this->folder/".HandbookCompiler::CHECKED, $compiler->mark());
        self::assertSame($compiler->check(), $compiler->compile(), 'checked or not, it reads the same');

        $kit = (string) file_get_contents("$this->folder/kit.yaml");
        file_put_contents("$this->folder/kit.yaml", str_replace('id:', 'idd:', $kit));
        self::assertFalse($compiler->isChecked());
        $this->expectException(InvalidHandbook::class);
        $compiler->compile();
    }

    public function test_another_machine_kind_needs_only_a_folder(): void
    {
        self::copy("$this->folder/machines/dishwasher", "$this->folder/machines/urn");
        $kind = (string) file_get_contents("$this->folder/machines/urn/kind.yaml");
        file_put_contents("$this->folder/machines/urn/kind.yaml", str_replace(
            ["id: dishwasher\nname: Dishwasher", 'unit: loads', 'uses: { unit: loads, one: load'],
            ["id: urn\nname: Urn", 'unit: litres', 'uses: { unit: litres, one: litre'],
            $kind,
        ));
        $cautions = (string) file_get_contents("$this->folder/cautions.yaml");
        file_put_contents("$this->folder/cautions.yaml", str_replace('kinds: [dishwasher', 'kinds: [urn, dishwasher', $cautions));
        $handbook = new Handbook((new HandbookCompiler($this->folder))->compile());

        self::assertSame('Urn', $handbook->kindNames()['urn']);
        self::assertSame('litres', $handbook->kind('urn')->useUnit);
    }

    public function test_measured_fractions_find_their_nearest_grade(): void
    {
        self::assertSame('film', self::handbook()->scales()->scale('mesh')->nearest(Fraction::of(0.2))->id);
        self::assertSame('clogged', self::handbook()->scales()->scale('mesh')->nearest(Fraction::of(1))->id);
    }

    public function test_a_school_that_is_gone_falls_back_to_the_default(): void
    {
        $task = self::handbook()->kind('dishwasher')->task('filter');

        self::assertSame('monthly', $task->school('hourly')->id);
        self::assertSame('weekly', $task->school('hourly', ['plates' => 'neither'])->id);
        self::assertSame('monthly', $task->school('monthly', ['plates' => 'neither'])->id, 'what is picked stands');
    }

    public function test_unknown_kinds_are_refused(): void
    {
        $this->expectException(UnknownEntry::class);
        self::handbook()->kind('toaster');
    }
}
