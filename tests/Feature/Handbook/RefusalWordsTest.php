<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\Support\RefusalWords;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Refusal;
use GoodRinse\Core\SentenceRefusal;
use Illuminate\Translation\Translator;
use Tests\TestCase;

/** A refusal of the core is put into the language of the pages, with what fills it in. */
final class RefusalWordsTest extends TestCase
{
    public function test_it_is_said_as_the_core_says_it_until_a_language_says_it_anew(): void
    {
        $refusal = OrderConflict::between('Filter clean', 'Strip-down');
        self::assertSame('Filter clean and Strip-down need opposite orders. Do them in two rounds.', $refusal->getMessage());
        self::assertSame($refusal->getMessage(), RefusalWords::of($refusal));
        $words = $this->app->make('translator');
        self::assertInstanceOf(Translator::class, $words);
        $words->setLoaded(['*' => ['*' => ['de' => [$refusal->sentence() => ':second vor :first: zwei Runden.']]]]); // as de.json would
        app()->setLocale('de');
        self::assertSame('Strip-down vor Filter clean: zwei Runden.', RefusalWords::of($refusal));
    }

    /** What a person may meet; the others name something that no page offers. */
    public function test_refusals_of_the_core_keep_their_sentence_apart_from_what_fills_it_in(): void
    {
        $joined = [];
        $core = new \RecursiveDirectoryIterator(base_path('core'), \FilesystemIterator::SKIP_DOTS);
        foreach (new \RecursiveIteratorIterator($core) as $file) {
            \assert($file instanceof \SplFileInfo);
            $code = (string) file_get_contents($file->getPathname());
            if (1 === preg_match('/^final class (\w+) .*implements \\\\?(Refusal)$/m', $code, $class)) {
                $joined[] = $class[1];
            }
        }
        sort($joined);

        self::assertSame(['ImpossiblePlan', 'UnknownEntry'], $joined, 'these are for the command line and for a page that is not there');
        self::assertTrue(is_subclass_of(SentenceRefusal::class, Refusal::class));
    }
}
