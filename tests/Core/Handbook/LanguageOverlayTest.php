<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Compiler\InvalidHandbook;
use GoodRinse\Core\Handbook\Handbook;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** Another language says the same trade in other words, and can change nothing else of it. */
final class LanguageOverlayTest extends CoreTestCase
{
    use CopiedHandbook;

    private function put(string $file, string $yaml): void
    {
        $path = "$this->folder/lang/xx/$file";
        if (!is_dir(dirname($path))) {
            mkdir(dirname($path), 0o755, true);
        }
        file_put_contents($path, $yaml);
    }

    public function test_words_of_another_language_take_the_place_of_ours_and_the_rest_stays(): void
    {
        $this->put('agents.yaml', "- { id: white-vinegar, name: azeto blanko }\n");
        $this->put('machines/kettle/kind.yaml', "name: Buliloro\n");
        $own = new Handbook((new HandbookCompiler($this->folder))->compile());
        $other = new Handbook((new HandbookCompiler($this->folder, 'xx'))->compile());

        self::assertSame('white vinegar', $own->agent('white-vinegar')->name);
        self::assertSame('azeto blanko', $other->agent('white-vinegar')->name);
        self::assertSame($own->agent('white-vinegar')->families, $other->agent('white-vinegar')->families);
        self::assertSame($own->agent('citric-acid')->name, $other->agent('citric-acid')->name, 'not yet said in it');
        self::assertSame('Buliloro', $other->kindNames()['kettle']);
        self::assertSame(array_keys($own->kind('kettle')->tasks()), array_keys($other->kind('kettle')->tasks()));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wrong(): iterable
    {
        yield 'an agent that is not there' => ['agents.yaml', '- { id: moon-dust, name: x }', 'moon-dust'];
        yield 'a number instead of words' => ['agents.yaml', '- { id: white-vinegar, strengths: [9] }', 'white-vinegar|/1/strengths'];
        yield 'a list instead of a name' => ['agents.yaml', '- { id: white-vinegar, name: [a] }', '/1/name'];
        yield 'no YAML' => ['agents.yaml', '- { id: ', 'line '];
        yield 'a group the chemistry does not know' => ['agents.yaml', '- { id: white-vinegar, families: [sweet] }', 'sweet'];
    }

    #[DataProvider('wrong')]
    public function test_an_overlay_that_would_change_the_trade_is_refused_with_its_place(string $file, string $yaml, string $place): void
    {
        $this->put($file, "$yaml\n");
        $this->expectException(InvalidHandbook::class);
        $this->expectExceptionMessageMatches("~$place~");
        (new HandbookCompiler($this->folder, 'xx'))->compile();
    }
}
