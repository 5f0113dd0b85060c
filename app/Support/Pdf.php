<?php

declare(strict_types=1);

namespace App\Support;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\View;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Response;

/** Turns a page into a PDF; nothing is loaded from anywhere. */
final readonly class Pdf
{
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
        $options = new Options();
        $options->setIsRemoteEnabled(false)->setIsPhpEnabled(false)->setIsJavascriptEnabled(false)
            ->setDefaultFont('DejaVu Sans')->setFontCache($folder)->setTempDir($folder)->setChroot([$folder]);
        $pdf = new Dompdf($options);
        $pdf->loadHtml($view->render(), 'UTF-8');
        $pdf->setPaper('A4');
        $pdf->render();

        return (string) $pdf->output();
    }
}
