<?php

declare(strict_types=1);

namespace App\Support;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Prints a view as a PDF. It reads no file but the fonts of its library, and asks no address. */
final class Pdf
{
    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $data
     * @param  string  $paper  `letter` or `a4`
     */
    public static function response(string $view, array $data, string $name, string $paper): Response
    {
        return response(self::bytes($view, $data, $paper), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.(Str::slug($name) ?: 'print').'.pdf"',
        ]);
    }

    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $data
     */
    public static function bytes(string $view, array $data, string $paper): string
    {
        $html = view($view, $data + ['css' => (string) file_get_contents(resource_path('print.css'))])->render();
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setIsJavascriptEnabled(false);
        $options->setFontDir(PrintFonts::folder($options->getFontDir()));
        $options->setFontCache($options->getFontDir());
        // The print library keeps the first one for all prints of a process: the family of a print is in its styles.
        $options->setDefaultFont(PrintFonts::SMALL);
        $options->setChroot([storage_path('app/private/print')]);
        $options->setTempDir(sys_get_temp_dir());
        $pdf = new Dompdf($options);
        $pdf->setPaper($paper === 'a4' ? 'a4' : 'letter');
        $pdf->loadHtml(PrintFonts::within($html), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }

    /** The paper that is usual with a way of measuring, unless another was asked for. */
    public static function paper(?string $asked, bool $isMetric): string
    {
        return in_array($asked, ['letter', 'a4'], true) ? $asked : ($isMetric ? 'a4' : 'letter');
    }
}
