<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Words\Words;

/** The first answer of the Rig station, as it could be said aloud. */
final class RigHeadline
{
    /**
     * "Rig is good. Drag 1.6 lb.", or what is to be mended.
     *
     * @param  list<Finding>  $findings  of that report
     */
    public static function of(RigReport $report, array $findings): string
    {
        $wrong = self::wrong($findings);
        $unread = array_filter($findings, static fn (Finding $finding): bool => $finding->good === null && $finding->check->decides());

        return Words::sentences(
            match (true) {
                $wrong !== '' => $wrong,
                $unread !== [] => 'Nothing to mend so far.',
                default => 'Rig is good.',
            },
            Words::of('Drag {drag}.', drag: $report->drag()),
        );
    }

    /**
     * "2 things to mend: worn leader and icing."; '' where nothing is wrong.
     *
     * @param  list<Finding>  $findings
     */
    public static function wrong(array $findings): string
    {
        $bad = array_filter($findings, static fn (Finding $finding): bool => $finding->good === false);
        $faults = array_values(array_map(static fn (Finding $finding): string => $finding->check->fault(), $bad));

        return $faults === [] ? '' : Words::of(
            '{wrong|One thing|# things} to mend: {faults}.', wrong: count($faults), faults: Words::list($faults),
        );
    }
}
