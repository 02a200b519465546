<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\InvalidInput;

/** The seconds of one repeat of a cadence on the bottom: the lift, the way back down through it, the pause. */
final readonly class Repeat
{
    private function __construct(public float $fallSeconds, public float $seconds)
    {
    }

    /**
     * @param  Attitude  $attitude  how the lure falls when it is let down as the cadence lets it
     *
     * @throws InvalidInput for a lift higher than the water is deep
     */
    public static function of(Steps $steps, Body $body, Attitude $attitude, WaterColumn $column): self
    {
        if ($steps->liftM > $column->depthM) {
            throw InvalidInput::because('lift', 'The lift is higher than the water is deep.');
        }
        $fall = Fall::of($body, $attitude, $column, $steps->fall->control());
        $down = $fall->seconds - $fall->secondsTo($column->depthM - $steps->liftM);

        return new self($down, $steps->liftSeconds + $down + $steps->pauseSeconds);
    }
}
