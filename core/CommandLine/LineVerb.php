<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Drop\RestingLine;

/** The line at rest: angle, line out, offset, tension. */
final class LineVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $line = RestingLine::of(DropCase::body($case), DropCase::stretch($case));
        if ($line->lineAngleDeg === null) {
            return ['net_weight_n' => $line->netWeightN, 'holds' => false];
        }

        return [
            'net_weight_n' => $line->netWeightN,
            'line_angle_deg' => $line->lineAngleDeg,
            'line_out_m' => $line->lineOutM,
            'offset_m' => $line->offsetM,
            'tension_n' => $line->tensionN,
            'holds' => $line->holds,
        ];
    }
}
