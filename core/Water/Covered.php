<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** How much of a line on the chart was fished, and what bit along it. */
final readonly class Covered
{
    /** m between two looks along the line. */
    private const STEP_M = 5.0;

    /** m of line below which a rate says nothing. */
    private const ENOUGH_M = 20.0;

    private function __construct(public float $lengthM, public float $coveredM, public int $bites)
    {
    }

    /**
     * @param  list<Position>  $line
     * @param  list<array{Position, Position}>  $pieces  on which the boat was fished from
     * @param  list<Position>  $bites  where they came
     * @param  float  $reachM  m from the boat that are fished
     */
    public static function of(array $line, array $pieces, array $bites, float $reachM): self
    {
        $steps = self::steps($line);
        $near = self::near($line, $pieces, $reachM);
        $covered = $length = 0.0;
        foreach ($steps as [$middle, $metres]) {
            $length += $metres;
            foreach ($near as [$from, $to]) {
                if ($middle->distanceToWay($from, $to) <= $reachM) {
                    $covered += $metres;
                    break;
                }
            }
        }
        $along = array_filter($bites, static fn (Position $bite): bool => self::distance($line, $bite) <= $reachM);

        return new self($length, $covered, count($along));
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
        for ($i = 1; $i < count($line); $i++) {
            $way = $line[$i - 1]->distanceTo($line[$i]);
            $count = (int) ceil($way / self::STEP_M);
            for ($step = 0; $step < $count; $step++) {
                $share = ($step + 0.5) / $count;
                $steps[] = [$line[$i - 1]->plus(
                    $share * ($line[$i]->east - $line[$i - 1]->east), $share * ($line[$i]->north - $line[$i - 1]->north),
                ), $way / $count];
            }
        }

        return $steps;
    }

    /**
     * Those that can reach the line at all.
     *
     * @param  list<Position>  $line
     * @param  list<array{Position, Position}>  $pieces
     * @return list<array{Position, Position}>
     */
    private static function near(array $line, array $pieces, float $reachM): array
    {
        if ($line === []) {
            return [];
        }
        $easts = array_map(static fn (Position $at): float => $at->east, $line);
        $norths = array_map(static fn (Position $at): float => $at->north, $line);
        [$west, $east, $south, $north] = [min($easts) - $reachM, max($easts) + $reachM, min($norths) - $reachM, max($norths) + $reachM];

        return array_values(array_filter($pieces, static fn (array $piece): bool => max($piece[0]->east, $piece[1]->east) >= $west
            && min($piece[0]->east, $piece[1]->east) <= $east && max($piece[0]->north, $piece[1]->north) >= $south
            && min($piece[0]->north, $piece[1]->north) <= $north));
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
