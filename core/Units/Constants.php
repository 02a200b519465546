<?php

declare(strict_types=1);

namespace Eskith\Core\Units;

/**
 * Every physical constant of Eskith, with unit and source. "Estimate" means: a starting value that the angler's own
 * measurement replaces. Coefficients of a lure family stand with the family (Tackle\Family).
 */
final class Constants
{
    /** m/s², standard gravity (CGPM 1901). */
    public const GRAVITY = 9.80665;

    /** Pa, standard atmosphere. */
    public const ATMOSPHERE = 101_325.0;

    /** kg per international avoirdupois ounce (exact). */
    public const OUNCE_KG = 0.028349523125;

    /** Drift over wind speed. Estimate, 0.02 to 0.07; a measured drift replaces it. */
    public const DRIFT_PER_WIND = 0.035;

    /** Along-line drag of the line pulled down behind a falling lure. Estimate, 0.006 to 0.014. */
    public const FALLING_LINE_DRAG = 0.010;

    /** m above the bottom at which a lure held clear of it hangs. Estimate. */
    public const CLEAR_OF_BOTTOM_M = 0.15;

    /** Degrees from straight down up to which work is vertical (JOB: straight down has to be straight down). */
    public const VERTICAL_LIMIT_DEG = 20.0;

    /** m of line that a turn of a usual handle takes in (estimate). */
    public const LINE_PER_TURN_M = 0.7;

    /** Degrees of lean beyond which a lift drags a lure instead of raising it, also in the gusts. */
    public const DRAGS_LIMIT_DEG = 35.0;

    /** Degrees beyond which a line no longer holds the bottom. */
    public const HOLDS_LIMIT_DEG = 55.0;

    /** Line out over depth beyond which a line no longer holds the bottom. */
    public const HOLDS_LINE_RATIO = 1.6;

    /** Line out over depth beyond which no angle, length or offset is answered. */
    public const RECKONED_LINE_RATIO = 12.0;

    /** Share of a lure's weight carried by a finger when the line is fed or thumbed. Estimate. */
    public const FED_CONTROL = 0.3;

    /** Exponent of the speed of a river with the height above its bed: the one-seventh power law. */
    public const RIVER_POWER = 1 / 7;

    /** Drag of a cylinder across the flow: Sucker and Brauer's fit, C = a + b/Re^0.89 + c/√Re − d·Re/(1 + e·Re²). */
    public const CYLINDER = [1.18, 6.8, 1.96, 0.0004, 3.64e-7];

    /** Hang angle of a blade that has no measured holes, degrees nose down. Estimate. */
    public const BLADE_HANG_DEG = 35.0;

    /** m, height of the hand that holds the rod above the water. Estimate. */
    public const HAND_HEIGHT_M = 1.0;

    /** Deepest water the formulas are offered for, m. */
    public const DEEPEST_M = 150.0;
}
