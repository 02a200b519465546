<?php

declare(strict_types=1);

namespace App\Presenters\Card;

use App\Data\HoleData;
use App\Data\LureDrawing;

/**
 * A lure in black lines for print, from its measures, with the hole in use filled. In CSS pixels, since the maker of the
 * PDF does not scale a drawing.
 */
final readonly class LureOutline
{
    private float $top;

    private function __construct(private LureDrawing $lure, private ?int $hole, private float $k)
    {
        $this->top = $lure->family === 'blade'
            ? -max($lure->heightMm * 0.6, ...array_map(static fn (HoleData $hole): float => $hole->y + 2.4, $lure->holes), ...[0.0])
            : -$lure->heightMm / 2;
    }

    public static function dataUri(LureDrawing $lure, ?int $holeInUse, float $pixelsPerMm): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode((new self($lure, $holeInUse, $pixelsPerMm))->svg());
    }

    private function svg(): string
    {
        $tail = in_array($this->lure->family, ['bladed_spoon', 'tail_spinner'], true);
        $width = ($this->lure->lengthMm + ($tail ? $this->lure->heightMm * 1.6 : 3) + 6) * $this->k;
        $height = ($this->lure->heightMm + 8) * $this->k;
        $stroke = sprintf('fill="none" stroke="#000" stroke-width="%s"', round(max(1.2, 0.5 * $this->k), 2));
        $drawn = sprintf('<path d="%s" %s/>', $this->path($this->outline()), $stroke);
        if ($tail) {
            $drawn .= $this->ellipse($this->lure->lengthMm + $this->lure->heightMm * 0.75, 0, $this->lure->heightMm * 0.6, $this->lure->heightMm * 0.3, $stroke)
                .$this->line($this->lure->lengthMm, 0, $this->lure->lengthMm + $this->lure->heightMm * 0.2, 0, $stroke);
        }
        if ($this->lure->family !== 'blade') {
            $drawn .= $this->ellipse(-1.4, 0, 1.3, 1.3, $stroke);
        }
        $drawn .= $this->ellipse($this->lure->lengthMm * 0.1, $this->lure->family === 'blade' ? $this->middle() - $this->lure->heightMm * 0.04 : -$this->lure->heightMm * 0.05, 0.9, 0.9, 'fill="#000"');
        foreach ($this->lure->holes as $index => $hole) {
            $drawn .= $this->ellipse($hole->x, -$hole->y, $index === $this->hole ? 2.1 : 1.3, $index === $this->hole ? 2.1 : 1.3, $index === $this->hole ? 'fill="#000"' : 'fill="#fff" stroke="#000" stroke-width="1.2"');
        }

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%s" height="%s">%s</svg>', round($width, 1), round($height, 1), $drawn);
    }

    private function middle(): float
    {
        return $this->top + $this->lure->heightMm * 0.56;
    }

    /** @return list<array{string, list<float>}> commands in mm from the nose, y down */
    private function outline(): array
    {
        [$l, $h, $top, $mid] = [$this->lure->lengthMm, $this->lure->heightMm, $this->top, $this->middle()];
        $low = $top + $h;

        return match ($this->lure->family) {
            'blade' => [
                ['M', [0, $mid]], ['C', [$l * 0.03, $mid - $h * 0.3, $l * 0.22, $top, $l * 0.44, $top]],
                ['C', [$l * 0.66, $top, $l * 0.78, $mid - $h * 0.2, $l * 0.86, $mid - $h * 0.13]],
                ['L', [$l, $mid - $h * 0.42]], ['L', [$l * 0.96, $mid]], ['L', [$l * 0.98, $mid + $h * 0.3]], ['L', [$l * 0.85, $mid + $h * 0.08]],
                ['C', [$l * 0.72, $mid + $h * 0.2, $l * 0.5, $low, $l * 0.3, $low]], ['C', [$l * 0.13, $low, $l * 0.03, $mid + $h * 0.28, 0, $mid]], ['Z', []],
            ],
            'tail_spinner' => [
                ['M', [0, 0]], ['C', [0, -$h * 0.42, $l * 0.2, -$h * 0.5, $l * 0.42, -$h * 0.48]], ['C', [$l * 0.7, -$h * 0.42, $l * 0.9, -$h * 0.14, $l, 0]],
                ['C', [$l * 0.9, $h * 0.2, $l * 0.66, $h * 0.5, $l * 0.36, $h * 0.5]], ['C', [$l * 0.12, $h * 0.5, 0, $h * 0.3, 0, 0]], ['Z', []],
            ],
            default => [
                ['M', [0, 0]], ['C', [$l * 0.05, -$h * 0.18, $l * 0.16, -$h * 0.4, $l * 0.34, -$h * 0.48]],
                ['C', [$l * 0.55, -$h * 0.56, $l * 0.84, -$h * 0.36, $l, -$h * 0.12]], ['L', [$l, $h * 0.12]],
                ['C', [$l * 0.84, $h * 0.36, $l * 0.55, $h * 0.56, $l * 0.34, $h * 0.48]], ['C', [$l * 0.16, $h * 0.4, $l * 0.05, $h * 0.18, 0, 0]], ['Z', []],
            ],
        };
    }

    /** @param  list<array{string, list<float>}>  $commands */
    private function path(array $commands): string
    {
        $said = [];
        foreach ($commands as [$command, $at]) {
            $said[] = $command;
            foreach ($at as $i => $mm) {
                $said[] = $i % 2 === 0 ? $this->x($mm) : $this->y($mm);
            }
        }

        return implode(' ', $said);
    }

    private function line(float $x1, float $y1, float $x2, float $y2, string $style): string
    {
        return sprintf('<line x1="%s" y1="%s" x2="%s" y2="%s" %s/>', $this->x($x1), $this->y($y1), $this->x($x2), $this->y($y2), $style);
    }

    private function ellipse(float $x, float $y, float $rx, float $ry, string $style): string
    {
        return sprintf('<ellipse cx="%s" cy="%s" rx="%s" ry="%s" %s/>', $this->x($x), $this->y($y), round($rx * $this->k, 2), round($ry * $this->k, 2), $style);
    }

    private function x(float $mm): float
    {
        return round(($mm + 4) * $this->k, 2);
    }

    private function y(float $mm): float
    {
        return round(($mm - $this->top + 3) * $this->k, 2);
    }
}
