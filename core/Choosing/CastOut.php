<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Drop\Bail;
use Eskith\Core\Drop\Cast;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Rig\LostLift;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Units\InvalidInput;

/** A candidate cast as the day has it: its way down as it is let down, and the other way beside it. */
final readonly class CastOut
{
    private function __construct(
        public WaterColumn $column,
        /** What runs across the line: still water where it runs along it, or where that was not read. */
        public WaterColumn $across,
        public Bail $bail,
        public Cast $cast,
        /** With the bail the other way; null where that never gets down. */
        public ?Cast $other,
        /** Whether the water across takes the lure along, so that it does not lie still. */
        public bool $swept,
    ) {
    }

    /**
     * @throws InvalidInput when the depth was not read, or the cast never gets down
     */
    public static function of(Candidate $candidate, Situation $situation): self
    {
        $column = $situation->columnIfStill ?? throw InvalidInput::because('depth', 'Read the depth first. The cast goes '
            .'down through it.');
        $aim = $situation->aim;
        $across = $column->across($aim->runs);
        $let = static fn (Bail $bail): Cast => Cast::of(
            $candidate->lure->body, self::attitude($candidate, $situation, $bail), $column, $aim->castM, $bail, $aim->runs,
        );
        $cast = $let($aim->bail);
        try {
            $other = $let($aim->bail === Bail::Open ? Bail::Closed : Bail::Open);
        } catch (InvalidInput) {
            $other = null;
        }

        return new self(
            column: $column,
            across: $across,
            bail: $aim->bail,
            cast: $cast,
            other: $other,
            swept: ! $column->hung && LostLift::isSwept($candidate->lure->body, $across, $cast->lineM),
        );
    }

    private static function attitude(Candidate $candidate, Situation $situation, Bail $bail): Attitude
    {
        return $bail === Bail::Closed
            ? Attitude::tight($candidate->lure->family, $candidate->hangAngleDeg)
            : Falling::toTheBottom($situation, $candidate->lure, $candidate->hole(), $candidate->hangAngleDeg);
    }
}
