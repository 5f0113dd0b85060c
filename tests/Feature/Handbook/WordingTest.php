<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Compiler\WordingRules;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Yaml\Yaml;
use Tests\TestCase;

/** The pages speak as the handbook does. */
final class WordingTest extends TestCase
{
    public function test_no_page_says_what_the_handbook_avoids(): void
    {
        $rules = WordingRules::read(Node::of(Yaml::parseFile(config()->string('good-rinse.handbook').'/wording.yaml')));
        $found = [];
        foreach (Finder::create()->files()->in([base_path('lang'), resource_path('views'), resource_path('js')]) as $file) {
            foreach ($rules->avoided($file->getContents()) as $problem) {
                $found[] = $file->getRelativePathname().": $problem";
            }
        }

        self::assertSame([], $found);
    }
}
