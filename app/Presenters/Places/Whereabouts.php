<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Models\Water;
use App\Rows\Placing;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\WindFrom;

/** Where something of a water is, in words: so far and which way from the nearest spot. */
final readonly class Whereabouts
{
    /** m within which it is at the spot. */
    private const AT_M = 12.0;

    /** m, international mile (NIST Handbook 44, appendix C). */
    private const MILE_M = 1609.344;

    /** @param  list<array{string, Position}>  $spots */
    private function __construct(private array $spots, private UnitFormat $say)
    {
    }

    public static function on(Water $water, UnitFormat $say): self
    {
        $spots = [];
        foreach ($water->spots as $spot) {
            $at = Placing::spot($spot);
            if ($at !== null) {
                $spots[] = [$spot->name, $at];
            }
        }

        return new self($spots, $say);
    }

    /** "at North bar", "200 ft east of North bar"; '' while no spot is placed. */
    public function of(Position $at): string
    {
        $nearest = null;
        foreach ($this->spots as [$name, $spot]) {
            $away = $spot->distanceTo($at);
            if ($nearest === null || $away < $nearest[0]) {
                $nearest = [$away, $name, $spot];
            }
        }
        if ($nearest === null) {
            return '';
        }

        return $nearest[0] <= self::AT_M
            ? "at {$nearest[1]}"
            : $this->far($nearest[0]).' '.WindFrom::near($nearest[2]->bearingTo($at))->word()." of {$nearest[1]}";
    }

    /** A distance as one says it: to two figures. */
    public function far(float $metres): string
    {
        return self::distance($metres, $this->say);
    }

    /** The same anywhere; what is far is told in kilometres or miles. */
    public static function distance(float $metres, UnitFormat $say): string
    {
        $unit = $say->units->depth;
        [$longer, $word] = $unit === Unit::Metre ? [1_000.0, 'km'] : [self::MILE_M, 'mi'];
        if ($metres >= $longer) {
            return round($metres / $longer, 1)."\u{00A0}{$word}";
        }
        $value = $unit->fromSi($metres);
        $grain = $value < 20 ? 1 : ($value < 100 ? 5 : ($value < 1000 ? 10 : 100));

        return round($value / $grain) * $grain."\u{00A0}".$unit->symbol();
    }
}
