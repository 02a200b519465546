<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Words\Words;

/** The first answer of the Rig station, as it could be said aloud. */
final class RigHeadline
{
    /** m of a lift that nobody feels lost. */
    private const RIGHT_AWAY_M = 0.005;

    public static function of(RigReport $report): string
    {
        $strength = $report->situation->say->units->strength;
        $wrong = array_filter((new RigChecks($report))->findings(), static fn (Finding $finding): bool => $finding->good === false);
        // What they are goes first: the figures after it do not tell which of them is meant.
        $checks = array_map(static fn (Finding $finding): string => $finding->check->word(), array_slice(array_values($wrong), 0, 2));
        $opens = match (count($wrong)) {
            0 => 'Ready',
            1 => 'One thing to mend',
            default => Words::of('{wrong} things to mend, {checks}', wrong: count($wrong), checks: Words::list($checks)),
        };
        $said = [
            ...self::starting($report),
            ...($report->hookSet === null ? [] : [$report->hooks()]),
            Words::of(
                'the {weakest} breaks first at {strength}',
                weakest: $report->chain->weakest->name, strength: $strength->print($report->chain->holdsN),
            ),
        ];

        return Words::of('{opens}: {said}; set the drag to {drag}.', opens: $opens, said: implode(', ', $said), drag: $report->drag());
    }

    /** @return list<string> what it says of the start */
    private static function starting(RigReport $report): array
    {
        return match (true) {
            $report->out?->swept === true => ['does not lie still'],
            $report->lost === null => [],
            $report->isAllLost($report->lost) => ['does not start'],
            $report->lost->lostM < self::RIGHT_AWAY_M => ['starts right away'],
            default => [Words::of('starts within {starts}', starts: $report->starts())],
        };
    }
}
