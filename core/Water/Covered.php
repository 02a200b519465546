<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** How much of a line on the chart was fished, and what bit along it. */
final readonly class Covered
{
    /** m between two looks along the line, and looks at the most, about: a line may be longer than any lake. */
    private const STEP_M = 5.0;

    private const STEPS = 4_000;

    /** m of line below which a rate says nothing. */
    private const ENOUGH_M = 20.0;

    private function __construct(public float $lengthM, public float $coveredM, public int $bites)
    {
    }

    /**
     * @param  list<Position>  $line
     * @param  list<Position>  $bites  where they came
     */
    public static function of(array $line, FishedGround $ground, array $bites): self
    {
        $covered = $length = 0.0;
        foreach (self::steps($line) as [$middle, $metres]) {
            $length += $metres;
            $covered += $ground->holds($middle) ? $metres : 0.0;
        }
        $along = array_filter($bites, static fn (Position $bite): bool => self::distance($line, $bite) <= $ground->reachM);

        return new self($length, $covered, count($along));
    }

    /**
     * The same line, fished several times: what was covered counts each time.
     *
     * @param  non-empty-list<self>  $times
     */
    public static function together(array $times): self
    {
        return new self(
            $times[0]->lengthM, array_sum(array_map(static fn (self $one): float => $one->coveredM, $times)),
            array_sum(array_map(static fn (self $one): int => $one->bites, $times)),
        );
    }

    /** Bites on a hundred metres of what was fished; null where that is too short to say. */
    public function per100M(): ?float
    {
        return $this->coveredM < self::ENOUGH_M ? null : 100.0 * $this->bites / $this->coveredM;
    }

    /**
     * @param  list<Position>  $line
     * @return list<array{Position, float}> the middles of short pieces, and how long each is
     */
    private static function steps(array $line): array
    {
        $steps = [];
        $lengths = array_map(
            static fn (Position $from, Position $to): float => $from->distanceTo($to), array_slice($line, 0, -1), array_slice($line, 1),
        );
        $apart = max(self::STEP_M, array_sum($lengths) / self::STEPS);
        for ($i = 1; $i < count($line); $i++) {
            $way = $lengths[$i - 1];
            $count = (int) ceil($way / $apart);
            for ($step = 0; $step < $count; $step++) {
                $share = ($step + 0.5) / $count;
                $steps[] = [$line[$i - 1]->plus(
                    $share * ($line[$i]->east - $line[$i - 1]->east), $share * ($line[$i]->north - $line[$i - 1]->north),
                ), $way / $count];
            }
        }

        return $steps;
    }

    /** @param  list<Position>  $line */
    private static function distance(array $line, Position $at): float
    {
        $nearest = INF;
        for ($i = 1; $i < count($line); $i++) {
            $nearest = min($nearest, $at->distanceToWay($line[$i - 1], $line[$i]));
        }

        return $nearest;
    }
}
