<?php

declare(strict_types=1);

namespace App\Data\Plans;

/** A plan as it stands: what is laid out, what of it is made, and what comes next. */
final readonly class PlanData
{
    /**
     * @param  list<PlanPointData>  $line  of the wall, or round the area
     * @param  list<PlanMarkData>  $marks  casts or drifts in their order
     * @param  list<string>  $steps  of a plan that is counted and not drawn
     * @param  list<string>  $notes  what is wrong with which stand
     * @param  int|null  $next  number of the next one; null when all are made
     * @param  string|null  $refused  why it cannot be laid out any more
     */
    public function __construct(
        public string $uuid,
        public string $kind,
        public string $kindWord,
        public string $name,
        public string $sentence,
        public array $line,
        public bool $closed,
        public array $marks,
        public array $steps,
        public array $notes,
        public int $made,
        public int $total,
        public ?int $next,
        public string $left,
        public string $empty,
        public ?string $worked,
        public ?string $refused,
        public string $unit,
        public float $unitM,
    ) {
    }
}
