<?php

declare(strict_types=1);

namespace App\Presenters\Card;

use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\FamilyFigure;
use Eskith\Core\Tackle\Outline;
use Eskith\Telling\Data\Picture\HoleData;
use Eskith\Telling\Data\Picture\LureDrawing;

/**
 * A lure in black lines for print, from its measures, with the hole in use filled. In CSS pixels, since the maker of the
 * PDF does not scale a drawing.
 */
final readonly class LureOutline
{
    private float $top;

    private Family $family;

    private FamilyFigure $figure;

    private function __construct(private LureDrawing $lure, private ?int $hole, private float $k)
    {
        $this->family = $lure->family;
        $this->figure = $lure->family->definition()->figure;
        $this->top = Outline::topMm($this->family, $lure->heightMm, array_map(static fn (HoleData $hole): float => $hole->y, $lure->holes));
    }

    public static function dataUri(LureDrawing $lure, ?int $holeInUse, float $pixelsPerMm): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode((new self($lure, $holeInUse, $pixelsPerMm))->svg());
    }

    private function svg(): string
    {
        $tail = $this->figure->tail !== '';
        $width = ($this->lure->lengthMm + ($tail ? $this->lure->heightMm * 1.6 : 3) + 6) * $this->k;
        $height = ($this->lure->heightMm + 8) * $this->k;
        $stroke = sprintf('fill="none" stroke="#000" stroke-width="%s"', round(max(1.2, 0.5 * $this->k), 2));
        $drawn = sprintf(
            '<path d="%s" %s/>',
            $this->path(Outline::path($this->family, $this->lure->lengthMm, $this->lure->heightMm, $this->top)), $stroke,
        );
        if ($tail) {
            $drawn .= $this->ellipse(
                $this->lure->lengthMm + $this->lure->heightMm * 0.75, 0, $this->lure->heightMm * 0.6,
                $this->lure->heightMm * 0.3, $stroke,
            )
                .$this->line($this->lure->lengthMm, 0, $this->lure->lengthMm + $this->lure->heightMm * 0.2, 0, $stroke);
        }
        if (! $this->figure->flat) {
            $drawn .= $this->ellipse(-1.4, 0, 1.3, 1.3, $stroke);
        }
        $drawn .= $this->ellipse(
            $this->lure->lengthMm * 0.1,
            $this->figure->flat ? $this->middle() - $this->lure->heightMm * 0.04 : -$this->lure->heightMm * 0.05,
            0.9, 0.9, 'fill="#000"',
        );
        foreach ($this->lure->holes as $index => $hole) {
            $drawn .= $this->ellipse(
                $hole->x, -$hole->y, $index === $this->hole ? 2.1 : 1.3, $index === $this->hole ? 2.1 : 1.3,
                $index === $this->hole ? 'fill="#000"' : 'fill="#fff" stroke="#000" stroke-width="1.2"',
            );
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%s" height="%s">%s</svg>', round($width, 1), round($height, 1),
            $drawn,
        );
    }

    private function middle(): float
    {
        return $this->top + $this->lure->heightMm * Outline::middle($this->family);
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
        return sprintf(
            '<ellipse cx="%s" cy="%s" rx="%s" ry="%s" %s/>', $this->x($x), $this->y($y), round($rx * $this->k, 2),
            round($ry * $this->k, 2), $style,
        );
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
