<?php

declare(strict_types=1);

namespace App\Presenters\Card;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page as PDF, made here with what is here. */
final class PrintedPage
{
    public static function of(string $html): Dompdf
    {
        $pdf = new Dompdf(new Options(
            ['defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'tempDir' => sys_get_temp_dir()],
        ));
        $pdf->loadHtml($html);
        $pdf->setPaper('a4');
        $pdf->render();

        return $pdf;
    }

    public static function pdf(string $html): string
    {
        return (string) self::of($html)->output();
    }
}
