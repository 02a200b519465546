<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Drop\Bail;
use Eskith\Core\Drop\Cast;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Rig\LostLift;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Runs;

/** A cast: its way down, where it lies, and what a pull and a turn of the handle do there. */
final class CastVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $body = DropCase::body($case);
        $column = DropCase::stretch($case);
        $bail = $case->one(Bail::class, 'bail', Bail::Open);
        $runs = $case->oneOrNull(Runs::class, 'runs');
        [$pull, $turn] = [self::above($case, 'pull_m'), self::above($case, 'turn_m')];
        $lift = self::above($case, 'lift_ms');
        $cast = Cast::of(
            $body, self::attitude($case, $body->family, $bail), $column, $case->number('length_m', Cast::USUAL_M), $bail, $runs,
        );
        $felt = ! $column->hung ? self::felt($case, $body, $column, $cast, $runs, $pull, $lift) : [null, null, null];

        return [
            'down_s' => $cast->downS,
            'lands_m' => $cast->landsM,
            'line_m' => $cast->lineM,
            'rise_m' => $cast->riseM($pull),
            'drag_m' => $cast->dragM($pull),
            'turn_rise_m' => $cast->riseM($turn),
            'turn_nearer_m' => $cast->dragM($turn),
            'swept' => $felt[0],
            'lost_lift_m' => $felt[1],
            'reaches_m' => $felt[2],
        ];
    }

    /**
     * @return array{bool, float|null, float} whether it is swept along, and m of the pull that the line swallows and that reach it
     *
     * @throws InvalidInput
     */
    private static function felt(Fields $case, Body $body, WaterColumn $column, Cast $cast, ?Runs $runs, float $pull, float $lift): array
    {
        $across = $column->across($runs);
        $lost = LostLift::ofCast(
            $body, $across, $cast->lineM, $case->number('line_break_n'), $case->number('strain_at_break'), $lift,
        )->lostM;

        return LostLift::isSwept($body, $across, $cast->lineM) ? [true, null, 0.0] : [false, $lost, max(0.0, $pull - $lost)];
    }

    /** @throws InvalidInput when the lure does not fall so */
    private static function attitude(Fields $case, Family $family, Bail $bail): Attitude
    {
        if ($family->hangs()) {
            return Attitude::of($family, $case->number('hang_angle_deg'));
        }
        $how = $case->text('fall', (string) array_key_first($family->definition()->falls));
        $given = Attitude::of($family, $how);

        return $bail === Bail::Closed && $family->isSpoon() ? Attitude::tight($family, null) : $given;
    }

    /** @throws InvalidInput unless it is above nothing */
    private static function above(Fields $case, string $field): float
    {
        $value = $case->number($field);

        return $value > 0.0 ? $value : throw InvalidInput::because($field, "\"{$field}\" must be above 0.");
    }
}
