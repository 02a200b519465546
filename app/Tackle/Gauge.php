<?php

declare(strict_types=1);

namespace App\Tackle;

use Dompdf\Dompdf;
use Dompdf\Options;

/**
 * One page to print at true size: a protractor with a hang line, a millimetre grid for holes, outlines of rings and hook
 * gaps, and a ruler to check the print by. Drawn once, in millimetres, as SVG; the PDF holds that drawing.
 */
final readonly class Gauge
{
    /** The drawing on an A4 page and on a letter page alike, mm. */
    public const WIDTH = 180.0;

    public const HEIGHT = 240.0;

    /** Length of the check ruler, mm. */
    public const RULER = 150;

    private const RINGS = [4, 5, 6, 7, 8, 10];

    /** Gap of a treble by its size, mm. Estimates: makers differ. */
    private const GAPS = [14 => 3.5, 12 => 4.2, 10 => 5.2, 8 => 6.2, 6 => 7.5, 5 => 8.2, 4 => 9.0, 2 => 11.0];

    /** CSS pixels in a millimetre: what the PDF maker draws in. */
    private const PIXELS = 96 / 25.4;

    /** @param  float  $k  drawing units in a millimetre */
    private function __construct(private float $k)
    {
    }

    public static function svg(): string
    {
        return (new self(1.0))->drawing('mm');
    }

    private function drawing(string $unit): string
    {
        $body = $this->ruler(10, 16).$this->protractor(90, 42, 84).$this->grid(10, 160, 90, 50).$this->rings(112, 166)
            .$this->gaps(112, 190);

        [$width, $height] = [self::WIDTH * $this->k, self::HEIGHT * $this->k];

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}{$unit}\" height=\"{$height}{$unit}\" viewBox=\"0 0 "
            ."{$width} {$height}\" font-family=\"sans-serif\"><title>Gauge for lures</title>{$body}</svg>";
    }

    public static function pdf(bool $compressed = true): string
    {
        $options = new Options(
            ['defaultFont' => 'sans-serif', 'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'tempDir' => sys_get_temp_dir()],
        );
        $pdf = new Dompdf($options);
        $picture = base64_encode((new self(self::PIXELS))->drawing('px'));
        $pdf->loadHtml(
            '<html><head><style>@page{margin:12mm}body{margin:0}</style></head><body><img style="width:'
                .self::WIDTH.'mm;height:'.self::HEIGHT.'mm" src="data:image/svg+xml;base64,'.$picture.'"></body></html>',
        );
        $pdf->setPaper('a4');
        $pdf->render();

        return (string) $pdf->output(['compress' => $compressed ? 1 : 0]);
    }

    private function ruler(float $x, float $y): string
    {
        $ticks = '';
        for ($mm = 0; $mm <= self::RULER; $mm++) {
            $ticks .= $this->line($x + $mm, $y, $x + $mm, $y + ($mm % 10 === 0 ? 6 : ($mm % 5 === 0 ? 4.5 : 3)), 0.15);
            $ticks .= $mm % 10 === 0 ? $this->text($x + $mm, $y + 9.5, (string) $mm, 2.6, 'middle') : '';
        }

        return $this->text($x, $y - 3, 'Print at 100 %. This ruler must measure 150 mm; if it does not, the page was scaled.', 3.2)
            .$this->line($x, $y, $x + self::RULER, $y, 0.3).$ticks;
    }

    /** Hang the lure so that its line runs along the thick line; read where the line from nose to tail crosses the arc. */
    private function protractor(float $x, float $y, float $radius): string
    {
        $drawn = $this->line($x, $y, $x, $y + $radius + 4, 0.5).$this->line($x - $radius, $y, $x + $radius, $y, 0.3);
        for ($degrees = 0; $degrees <= 180; $degrees++) {
            $long = $degrees % 10 === 0 ? 7 : ($degrees % 5 === 0 ? 5 : 2.5);
            $angle = deg2rad($degrees);
            [$cos, $sin] = [cos($angle), sin($angle)];
            $drawn .= $this->line(
                $x - $radius * $cos, $y + $radius * $sin, $x - ($radius - $long) * $cos, $y + ($radius - $long) * $sin, 0.15,
            );
            if ($degrees % 10 === 0) {
                $drawn .= $this->text(
                    $x - ($radius - 11) * $cos, $y + ($radius - 11) * $sin + ($degrees % 180 === 0 ? 4 : 1),
                    (string) min($degrees, 180 - $degrees), 3, 'middle',
                );
            }
        }

        return $drawn
            .$this->text($x, $y + 24, 'Pin the hole on the cross, let the lure hang, look along its middle line:', 3, 'middle')
            .$this->text($x, $y + 29, 'the figure at the nose is the hang angle, below level.', 3, 'middle')
            .$this->line($x - 3, $y, $x + 3, $y, 0.5).$this->line($x, $y - 3, $x, $y + 3, 0.5);
    }

    private function grid(float $x, float $y, int $width, int $height): string
    {
        $drawn = $this->text($x, $y - 3, 'Nose on 0, line along the middle; holes from the nose and up, mm', 3);
        for ($mm = 0; $mm <= $width; $mm++) {
            $drawn .= $this->line($x + $mm, $y, $x + $mm, $y + $height, $mm % 10 === 0 ? 0.3 : ($mm % 5 === 0 ? 0.15 : 0.06));
            $drawn .= $mm % 10 === 0 ? $this->text($x + $mm, $y + $height + 4, (string) $mm, 2.6, 'middle') : '';
        }
        for ($mm = 0; $mm <= $height; $mm++) {
            $drawn .= $this->line($x, $y + $mm, $x + $width, $y + $mm, $mm % 10 === 0 ? 0.3 : ($mm % 5 === 0 ? 0.15 : 0.06));
        }

        return $drawn;
    }

    private function rings(float $x, float $y): string
    {
        $drawn = $this->text($x, $y - 9, 'Split rings, outside in mm', 3);
        foreach (self::RINGS as $size) {
            $drawn .= sprintf(
                '<circle cx="%s" cy="%s" r="%s" fill="none" stroke="#000" stroke-width="%s"/>', ($x + $size / 2) * $this->k,
                $y * $this->k, $size / 2 * $this->k, 0.2 * $this->k,
            )
                .$this->text($x + $size / 2, $y + 9, (string) $size, 2.6, 'middle');
            $x += $size + 3;
        }

        return $drawn;
    }

    private function gaps(float $x, float $y): string
    {
        $drawn = $this->text($x, $y - 5, 'Hook gaps by size (makers differ)', 3);
        foreach (self::GAPS as $size => $gap) {
            $drawn .= $this->line($x, $y, $x + $gap, $y, 0.3).$this->line($x, $y, $x, $y + 6, 0.2).$this->line(
                $x + $gap, $y, $x + $gap, $y + 6, 0.2,
            )
                .$this->text($x + $gap / 2, $y + 10, (string) $size, 2.6, 'middle');
            $x += $gap + 2.6;
        }

        return $drawn;
    }

    private function line(float $x1, float $y1, float $x2, float $y2, float $width): string
    {
        return sprintf(
            '<line x1="%s" y1="%s" x2="%s" y2="%s" stroke="#000" stroke-width="%s" fill="none"/>',
            ...array_map(fn (float $value): float => round($value * $this->k, 3), [$x1, $y1, $x2, $y2, $width]),
        );
    }

    private function text(float $x, float $y, string $text, float $size, string $anchor = 'start'): string
    {
        return sprintf(
            '<text x="%s" y="%s" font-size="%s" text-anchor="%s">%s</text>', round($x * $this->k, 2), round($y * $this->k, 2),
            round($size * $this->k, 2), $anchor, htmlspecialchars($text),
        );
    }
}
