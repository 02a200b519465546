<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

/** The first answer of the Rig station, as it could be said aloud. */
final class RigHeadline
{
    /** m of a lift that nobody feels lost. */
    private const RIGHT_AWAY_M = 0.005;

    public static function of(RigReport $report): string
    {
        $strength = $report->situation->say->units->strength;
        $wrong = array_filter((new RigChecks($report))->findings(), static fn (Finding $finding): bool => $finding->good === false);
        $opens = $wrong === [] ? 'Ready' : (count($wrong) === 1 ? 'One thing to mend' : count($wrong).' things to mend');
        // What they are goes first: the figures after it do not tell which of them is meant.
        $opens .= count($wrong) < 2 ? '' : ', '.implode(
            ' and ', array_map(static fn (Finding $finding): string => $finding->check->word(), array_slice($wrong, 0, 2)),
        );
        $said = [
            ...self::starting($report),
            ...($report->hookSet === null ? [] : [$report->hooks()]),
            "the {$report->chain->weakest->name} breaks first at {$strength->print($report->chain->holdsN)}",
        ];

        return "{$opens}: ".implode(', ', $said)."; set the drag to {$report->drag()}.";
    }

    /** @return list<string> what it says of the start */
    private static function starting(RigReport $report): array
    {
        return match (true) {
            $report->out?->swept === true => ['does not lie still'],
            $report->lost === null => [],
            $report->isAllLost($report->lost) => ['does not start'],
            $report->lost->lostM < self::RIGHT_AWAY_M => ['starts right away'],
            default => ["starts within {$report->starts()}"],
        };
    }
}
