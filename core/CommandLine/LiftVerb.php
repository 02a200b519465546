<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Rig\LostLift;

/** The lift that the line swallows. */
final class LiftVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $lift = LostLift::of(
            DropCase::body($case), DropCase::stretch($case),
            $case->number('line_break_n'), $case->number('strain_at_break'), $case->number('lift_ms'),
        );

        return [
            'tension_rest_n' => $lift->tensionRestN,
            'tension_lift_n' => $lift->tensionLiftN,
            'belly_m' => $lift->bellyM,
            'stretch_m' => $lift->stretchM,
            'lost_lift_m' => $lift->lostM,
        ];
    }
}
