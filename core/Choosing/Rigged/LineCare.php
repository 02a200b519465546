<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Material;
use Eskith\Core\Tackle\Upkeep;
use Eskith\Core\Words\Words;

/** What cold, twist and wear do to the line on the rod. */
final class LineCare
{
    /** °C at and below which lines that are not braid keep their coils. Estimate. */
    private const STIFF_C = 8.0;

    public static function icing(RigReport $report): Finding
    {
        if ($report->airC === null) {
            return new Finding(RigCheck::Icing, null, 'Read the air: below freezing braid takes up water and closes the guides.');
        }
        $air = $report->situation->say->temperature($report->airC);

        return match (true) {
            $report->airC >= 0.0 => new Finding(RigCheck::Icing, true, Words::of('Air at {air}: no ice in the guides.', air: $air)),
            $report->rig->line->material->ices() => new Finding(
                RigCheck::Icing, false, Words::of('Air at {air}: braid ices and the guides close.', air: $air),
                'Fluorocarbon straight to the lure. Until then dip the tip and knock the ice off.',
            ),
            default => new Finding(
                RigCheck::Icing, true, Words::of(
                    'Air at {air}: {material} ices little; dip the tip now and then.',
                    air: $air, material: $report->rig->line->material->word(),
                ),
            ),
        };
    }

    public static function twist(RigReport $report): Finding
    {
        $rig = $report->rig;
        $cold = $report->situation->water->tempC;
        $spins = $report->candidate->lure->isSpoon();

        return match (true) {
            $rig->line->material !== Material::Braid && $cold !== null && $cold <= self::STIFF_C => new Finding(
                RigCheck::Twist, true, Words::of(
                    '{material} keeps the coils of the spool in water this cold.', material: ucfirst($rig->line->material->word()),
                ),
                'Stretch the first yards by hand before the first drop. Go slower over the rod.',
            ),
            $spins && $rig->connector !== Connector::Swivel => new Finding(
                RigCheck::Twist, true, 'A spoon spins on the way up and twists the line.',
                'Let it hang and unwind now and then; a swivel once the line twists.',
            ),
            ! $spins && $rig->connector === Connector::Swivel => new Finding(
                RigCheck::Twist, true, 'This lure does not twist the line: a swivel only adds weight.', 'A ring or a snap.',
            ),
            default => new Finding(RigCheck::Twist, true, 'Nothing twists this line.'),
        };
    }

    public static function wear(RigReport $report): Finding
    {
        $again = Upkeep::worn($report->worn);

        return new Finding(
            RigCheck::Care, $again === null,
            $report->worn === 0
                ? 'Nothing has worn the leader since it was tied.'
                : Words::of(
                    '{worn|One fish, snag or rock|# fish, snags and rocks} since the leader was tied: feel its last foot for nicks.',
                    worn: $report->worn,
                ),
            $again ?? '',
        );
    }
}
