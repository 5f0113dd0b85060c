<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\Support\Pdf;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is made to print is set in our own faces, and no sign of a name is lost. */
final class PdfTest extends TestCase
{
    /** @return iterable<string, array{string, bool}> */
    public static function names(): iterable
    {
        yield 'a plain name' => ['Tarnbeck 60', false];
        yield 'accents that our face has' => ['Café in Åre, 19 °dH', false];
        yield 'Greek' => ['Κουζίνα', true];
        yield 'a third of a cup' => ['⅓ cup', true];
    }

    #[DataProvider('names')]
    public function test_a_card_is_set_in_our_faces_and_other_signs_in_the_librarys(string $name, bool $other): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user, ['name' => $name]);
        $pdf = (string) $this->actingAs($user)->get("/machines/$machine->id/card")->assertOk()->getContent();

        self::assertMatchesRegularExpression('/BricolageGrotesque-ExtraBold/', $pdf);
        self::assertMatchesRegularExpression('/AtkinsonHyperlegibleNext-Regular/', $pdf);
        self::assertSame($other, str_contains($pdf, 'DejaVuSans'));
        self::assertSame(1, preg_match_all('~/Type /Page\b(?!s)~', $pdf), 'a door card is one sheet');
    }

    public function test_a_word_in_a_tag_or_a_style_is_left_alone(): void
    {
        $view = view()->file(base_path('tests/fixtures/pdf/other-signs.blade.php'));
        self::assertStringStartsWith('%PDF-', (new Pdf())->bytes($view));
    }
}
