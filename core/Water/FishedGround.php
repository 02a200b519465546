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

    /**
     * @param  list<array{Position, Position}>  $pieces  of the way, on which it was fished from
     * @param  float  $reachM  m from the boat that are fished
     */
    public function __construct(array $pieces, public readonly float $reachM)
    {
        $this->cellM = max(self::CELL_M, $reachM);
        foreach ($pieces as $piece) {
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
