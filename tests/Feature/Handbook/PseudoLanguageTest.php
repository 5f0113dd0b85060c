<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\Support\PseudoWords;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

/** With a second language in place nothing of the application stays English, but what people and the handbook wrote. */
final class PseudoLanguageTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/pseudo-'.bin2hex(random_bytes(6));
        self::assertSame(0, Artisan::call('lang:pseudo', ['folder' => "$this->folder/xx"]));
        app('translator')->addPath($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_a_message_keeps_what_is_filled_in_and_its_plurals(): void
    {
        self::assertSame('Ñéẋŧ: :what. ··', PseudoWords::of('Next: :what.'));
        self::assertSame('{1} ó :name|[2,*] :count ó', PseudoWords::of('{1} o :name|[2,*] :count o'));
    }

    public function test_nothing_on_a_page_is_left_in_english(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user, ['name' => 'Zq1']);
        $this->actingAs($user);
        $trade = $this->trade();
        $left = [];
        foreach ([
            '/', '/kitchen', '/rhythm', '/logbook', '/household', '/account', '/reminders', '/away', '/plan', '/ahead', '/tasks',
            '/cupboard', '/cupboard/list', '/cupboard/costs', '/import', '/help', '/household/water', "/machines/$machine->id",
            "/machines/$machine->id/retire", "/machines/$machine->id/uses", "/machines/$machine->id/measures", "/machines/$machine->id/cup",
            "/machines/$machine->id/trace", "/machines/$machine->id/rhythm/filter",
        ] as $page) {
            app()->setLocale('xx');
            $html = (string) $this->get($page)->assertOk()->getContent();
            self::assertGreaterThan(20, preg_match_all('/[áéíóúñ]/u', $html), "$page is in the made-up language");
            foreach (self::texts($html) as $text) {
                if (1 === preg_match('/[a-z]{3,} [a-z]{3,}/', $text) && !str_contains($trade, mb_strtolower($text))) {
                    $left[] = "$page: $text";
                }
            }
        }

        self::assertSame([], array_values(array_unique($left)));
    }

    /** @return list<string> pieces of text and of attributes that are read out, cut where an accented letter or a sign stands */
    private static function texts(string $html): array
    {
        $html = (string) preg_replace('/<(style|script|svg)\b.*?<\/\1>/s', ' ', $html);
        preg_match_all('/\s(?:aria-label|placeholder|alt|title)="([^"]*)"/', $html, $attributes);
        $pieces = [];
        foreach ([...preg_split('/<[^>]*>/', $html) ?: [], ...$attributes[1]] as $text) {
            array_push($pieces, ...preg_split('/[^A-Za-z \'’-]+/u', html_entity_decode($text, \ENT_QUOTES)) ?: []);
        }

        return array_values(array_filter(
            array_map(static fn (string $piece): string => trim((string) preg_replace('/\s+/', ' ', $piece)), $pieces),
        ));
    }

    /** All that the handbook says, in lower case. */
    private function trade(): string
    {
        $all = '';
        $files = new \RecursiveDirectoryIterator(base_path('handbook'), \FilesystemIterator::SKIP_DOTS);
        foreach (new \RecursiveIteratorIterator($files) as $file) {
            \assert($file instanceof \SplFileInfo);
            $all .= (string) file_get_contents($file->getPathname());
        }

        return mb_strtolower((string) preg_replace('/\s+/', ' ', $all));
    }
}
