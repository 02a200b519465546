<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** The ground that was within reach of a boat while it was fished from, to be asked about many places. */
final class FishedGround
{
    /** m of the squares by which a place finds what is near it, at the least. */
    private const CELL_M = 10.0;

    /** @var array<string, list<array{Position, Position}>> straight pieces of the way, by square */
    private array $near = [];

    private readonly float $cellM;

    /** @var array{float, float, float, float}|null west, south, east and north of all that was in reach */
    private ?array $box = null;

    /**
     * @param  list<array{Position, Position}>  $pieces  of the way, on which it was fished from
     * @param  float  $reachM  m from the boat that are fished
     */
    public function __construct(array $pieces, public readonly float $reachM)
    {
        $this->cellM = max(self::CELL_M, $reachM);
        foreach ($pieces as $piece) {
            foreach ($piece as $end) {
                $this->box = [
                    min($this->box[0] ?? INF, $end->east - $reachM), min($this->box[1] ?? INF, $end->north - $reachM),
                    max($this->box[2] ?? -INF, $end->east + $reachM), max($this->box[3] ?? -INF, $end->north + $reachM),
                ];
            }
            [[$west, $east], [$south, $north]] = [
                $this->cells($piece[0]->east, $piece[1]->east), $this->cells($piece[0]->north, $piece[1]->north),
            ];
            for ($x = $west; $x <= $east; $x++) {
                for ($y = $south; $y <= $north; $y++) {
                    $this->near["{$x} {$y}"][] = $piece;
                }
            }
        }
    }

    /**
     * Whether anything of a line can lie in it: told from where both begin and end, so that most lines are told at once.
     *
     * @param  list<Position>  $line
     */
    public function reaches(array $line): bool
    {
        if ($line === [] || $this->box === null) {
            return false;
        }
        [$west, $south, $east, $north] = $this->box;
        [$easts, $norths] = [
            array_map(static fn (Position $at): float => $at->east, $line), array_map(static fn (Position $at): float => $at->north, $line),
        ];

        return min($easts) <= $east && max($easts) >= $west && min($norths) <= $north && max($norths) >= $south;
    }

    public function holds(Position $at): bool
    {
        $cell = ((int) floor($at->east / $this->cellM)).' '.((int) floor($at->north / $this->cellM));
        foreach ($this->near[$cell] ?? [] as [$from, $to]) {
            if ($at->distanceToWay($from, $to) <= $this->reachM) {
                return true;
            }
        }

        return false;
    }

    /** @return array{int, int} the first and the last square that a piece can reach along one axis */
    private function cells(float $one, float $other): array
    {
        return [
            (int) floor((min($one, $other) - $this->reachM) / $this->cellM),
            (int) floor((max($one, $other) + $this->reachM) / $this->cellM),
        ];
    }
}
