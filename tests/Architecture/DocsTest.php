<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** What the documents point to is there. */
final class DocsTest extends TestCase
{
    public function test_every_link_and_path_leads_to_a_file(): void
    {
        $root = dirname(__DIR__, 2);
        $missing = [];
        foreach ([...(array) glob("$root/*.md"), ...(array) glob("$root/docs/*.md")] as $document) {
            $text = (string) file_get_contents((string) $document);
            preg_match_all('/\]\((?!https?:|#|mailto:)([^)#\s]+)/', $text, $links);
            foreach ($links[1] as $link) {
                if (!file_exists(dirname((string) $document)."/$link")) {
                    $missing[] = basename((string) $document).": $link";
                }
            }
            preg_match_all('#`((?:app|bench|bin|core|database|handbook|lang|resources|tests)/[\w/.-]+)`#', $text, $paths);
            foreach ($paths[1] as $path) {
                if (!file_exists("$root/$path") && !file_exists("$root/$path.php")) {
                    $missing[] = basename((string) $document).": $path";
                }
            }
        }
        self::assertSame([], $missing);
    }
}
