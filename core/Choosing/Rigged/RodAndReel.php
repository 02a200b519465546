<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Rig\RodLength;
use Eskith\Core\Words\Words;

/** What is said of rod and reel: never a thing to mend, since another length or another reel is another school's. */
final class RodAndReel
{
    public static function rod(RigReport $report): Finding
    {
        [$say, $is, $for] = [$report->situation->say, $report->rig->rodM, self::length($report)];
        [$least, $most] = $for->usual();
        $usual = Words::of('{least} to {most}', least: $say->depth($least), most: $say->depth($most));
        if ($for->compared($is) === 0) {
            return new Finding(
                RigCheck::Rod, true, Words::of(
                    '{is}, as usual for {for} ({usual}): {says}.',
                    is: $say->depth($is), for: $for->word(), usual: $usual, says: $for->says(),
                ),
            );
        }

        return new Finding(
            RigCheck::Rod, true, Words::of(
                '{is}, where {usual} is usual for {for}: {trades}.',
                is: $say->depth($is),
                usual: $usual,
                for: $for->word(),
                trades: implode(', ', RodLength::trades($is, $for->compared($is) < 0 ? $least : $most)),
            ),
        );
    }

    public static function reel(RigReport $report): Finding
    {
        return new Finding(RigCheck::Reel, true, $report->situation->schools->reel->says($report->candidate->lure->massKg));
    }

    /** Which length of rod is usual for what is done here. */
    private static function length(RigReport $report): RodLength
    {
        return match (true) {
            $report->candidate->cadence === Cadence::SteadyLift => RodLength::SteadyLift,
            $report->situation->vertical() => RodLength::StraightDown,
            default => RodLength::Cast,
        };
    }
}
