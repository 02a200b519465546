<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Choosing\Chart\ChartDay;
use Eskith\Core\Choosing\Chart\ChartFindings;
use Eskith\Core\Water\Relief\Structure;

/** Which parts of a bottom to look at first, with what speaks for each. */
final readonly class WhereToLook
{
    /** @param  list<string>  $reasons */
    private function __construct(public Structure $structure, public float $points, public array $reasons)
    {
    }

    /**
     * @param  list<Structure>  $structures
     * @param  array<string, float>  $weights  of findings by id, where the angler weighs one otherwise; 0 is switched off
     * @return list<self> the best first
     */
    public static function among(array $structures, ChartDay $day, array $weights = []): array
    {
        $findings = array_filter(ChartFindings::all(), static fn ($finding): bool => ($weights[$finding->id] ?? 1.0) !== 0.0);
        $looks = [];
        foreach ($structures as $structure) {
            [$points, $reasons] = [0.0, []];
            foreach ($findings as $finding) {
                $verdict = ($finding->judge)($structure, $day);
                if ($verdict !== null) {
                    $points += ($weights[$finding->id] ?? 1.0) * $verdict->points;
                    $reasons[] = $verdict->text;
                }
            }
            $looks[] = new self($structure, $points, $reasons);
        }
        usort($looks, static fn (self $a, self $b): int => $b->points <=> $a->points);

        return $looks;
    }
}
