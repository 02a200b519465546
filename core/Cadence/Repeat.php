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
    /** Points of the way down. */
    private const POINTS = 10;

    /** @param  list<TracePoint>  $path  of the lure, from the beginning of the lift to the end of the pause */
    private function __construct(public float $fallSeconds, public float $seconds, public array $path)
    {
    }

    /**
     * @param  Attitude  $attitude  how the lure falls when it is let down as the cadence lets it
     * @param  float|null  $riseM  by which it rises in a lift, m; null straight down, where it rises as far as it is lifted
     *
     * @throws InvalidInput for a lift higher than the water is deep
     */
    public static function of(Steps $steps, Body $body, Attitude $attitude, WaterColumn $column, ?float $riseM = null): self
    {
        $rise = $riseM ?? $steps->liftM;
        if ($rise > $column->toM) {
            throw InvalidInput::because(
                'lift', $column->hung ? 'The lift is higher than the fish are deep.' : 'The lift is higher than the water is deep.',
            );
        }
        $fall = Fall::of($body, $attitude, $column, $steps->fall->control());
        $down = $fall->seconds - $fall->secondsTo($column->toM - $rise);

        $path = [new TracePoint(0.0, 0.0)];
        $top = $fall->secondsTo($column->toM - $rise);
        for ($i = 0; $i <= self::POINTS; $i++) {
            $height = $rise * (1 - $i / self::POINTS);
            $path[] = new TracePoint($steps->liftSeconds + $fall->secondsTo($column->toM - $height) - $top, $height);
        }
        $seconds = $steps->liftSeconds + $down + $steps->pauseSeconds;

        return new self($down, $seconds, [...$path, new TracePoint($seconds, 0.0)]);
    }
}
