<?php

declare(strict_types=1);

namespace App\Support;

use Dompdf\Dompdf;
use Dompdf\Options;
use FontLib\Font;
use Illuminate\Contracts\View\View;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/**
 * Turns a page into a PDF, set in our two faces ("Text" and "Display"); nothing is loaded from anywhere. A sign that
 * our faces do not have is set in the library's own, which has most.
 */
final readonly class Pdf
{
    private const FACES = [
        ['Text', 'normal', 'atkinson-hyperlegible-next-400'],
        ['Text', 'bold', 'atkinson-hyperlegible-next-700'],
        ['Display', 'bold', 'bricolage-grotesque-800'],
    ];

    public function page(View $view, string $name): Response
    {
        return new Response($this->bytes($view), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_INLINE, $name),
        ]);
    }

    public function bytes(View $view): string
    {
        $folder = storage_path('framework/cache/pdf');
        if (!is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $fonts = resource_path('fonts/pdf');
        $options = new Options();
        $options->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setIsJavascriptEnabled(false)
            ->setDefaultFont('DejaVu Sans')->setFontDir($folder)->setFontCache($folder)->setTempDir($folder)
            ->setChroot([$folder, $fonts]);
        $pdf = new Dompdf($options);
        foreach (self::FACES as [$family, $weight, $file]) {
            $pdf->getFontMetrics()->registerFont(['family' => $family, 'weight' => $weight, 'style' => 'normal'], "$fonts/$file.ttf");
        }
        $pdf->loadHtml($this->withOtherSigns($view->render(), "$fonts/".self::FACES[0][2].'.ttf'), 'UTF-8');
        $pdf->setPaper('A4');
        $pdf->render();

        return (string) $pdf->output();
    }

    /** Puts every run of signs that our face lacks into an element of the class `other`, set in the library's face. */
    private function withOtherSigns(string $html, string $face): string
    {
        $body = strpos($html, '<body');
        if (false === $body || 1 !== preg_match('/[^\x00-\x7f]/', $html)) {
            return $html;
        }
        $font = Font::load($face);
        $font?->parse();
        /** @var array<int, int> $map glyphs by code point */
        $map = $font?->getUnicodeCharMap() ?? [];
        $run = '';
        $out = '';
        foreach (preg_split('/(<[^>]*>)/', substr($html, $body), -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [] as $part) {
            if (str_starts_with($part, '<')) {
                $out .= $part;
                continue;
            }
            foreach (mb_str_split($part) as $sign) {
                if (strlen($sign) > 1 && !isset($map[mb_ord($sign)])) {
                    $run .= $sign;
                    continue;
                }
                $out .= self::other($run).$sign;
                $run = '';
            }
            $out .= self::other($run);
            $run = '';
        }

        return substr($html, 0, $body).$out;
    }

    private static function other(string $run): string
    {
        return '' === $run ? '' : '<span style="font-family: \'DejaVu Sans\'">'.$run.'</span>';
    }
}
