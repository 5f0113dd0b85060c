<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

/** The whole handbook as one page, for a reader who checks it. */
final class HandbookPrintTest extends TestCase
{
    public function test_the_page_in_docs_is_what_the_handbook_says_now(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'handbook');
        self::assertSame(Command::SUCCESS, Artisan::call('handbook:print', ['file' => $file]));

        self::assertSame(
            file_get_contents(base_path('docs/handbook.html')),
            file_get_contents($file),
            'The handbook has changed: run php artisan handbook:print.',
        );
        unlink($file);
    }

    public function test_it_holds_every_step_fault_agent_and_question(): void
    {
        $page = html_entity_decode((string) file_get_contents(base_path('docs/handbook.html')), ENT_QUOTES);
        $handbook = app(Handbook::class);
        $missing = [];
        foreach (array_keys($handbook->kindNames()) as $id) {
            $kind = $handbook->kind($id);
            $faults = $handbook->trouble($id);
            $texts = [...array_column($faults->symptoms ?? [], 'name'), ...array_column($faults->causes ?? [], 'name')];
            foreach ($kind->procedureNames as $procedure => $name) {
                array_push($texts, $name, ...array_column($kind->procedures->procedure($procedure)->steps, 'say'));
            }
            foreach ($texts as $text) {
                if (!str_contains($page, strtr($text, $kind->words([])))) {
                    $missing[] = "$id: $text";
                }
            }
        }
        foreach ($handbook->questions() as $question) {
            if (!str_contains($page, $question->reason)) {
                $missing[] = $question->reason;
            }
        }

        self::assertSame([], $missing);
    }

    public function test_it_says_where_it_cannot_write(): void
    {
        $folder = sys_get_temp_dir().'/'.uniqid('handbook');
        self::assertSame(Command::FAILURE, Artisan::call('handbook:print', ['file' => "$folder/page.html"]));
        self::assertStringContainsString('cannot be written', Artisan::output());
    }
}
