<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;

/** One repeat of a cadence. */
final class CycleVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $body = DropCase::body($case);
        $lure = Lure::of('lure', $body->family, $body->massKg, 'silver');
        $let = $case->one(FallControl::class, 'fall');
        $angle = $body->family->hangs() ? $case->number('hang_angle_deg') : null;
        $steps = new Steps($case->number('lift_m'), $case->number('lift_s'), $let, $case->number('pause_s'));
        if (! ($steps->liftM > 0.0)) {
            throw InvalidInput::because('lift_m', 'A lift is higher than 0.');
        }
        foreach (['lift_s' => $steps->liftSeconds, 'pause_s' => $steps->pauseSeconds] as $field => $seconds) {
            if ($seconds < 0.0) {
                throw InvalidInput::because($field, "Lift and pause can't take less than no time.");
            }
        }
        $repeat = Repeat::of(
            $steps, $body,
            Falling::betweenLifts(Candidate::bare($lure, $lure->massKg, null, false)->on(null, $angle, null), $let),
            DropCase::stretch($case),
        );

        return [
            'fall_s' => $repeat->fallSeconds,
            'cycle_s' => $repeat->seconds,
            'per_hour' => 3600 / $repeat->seconds,
            'falling_share' => $repeat->fallSeconds / $repeat->seconds,
            'tip_down_ms' => $steps->liftM / $repeat->fallSeconds,
        ];
    }
}
