<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Balance\BalanceFit;
use Eskith\Core\Balance\Hang;
use Eskith\Core\Balance\HangReading;
use Eskith\Core\Tackle\Point;

/** A hang angle from hole and balance point, or the balance point from hang readings. */
final class HangVerb implements Verb
{
    public function answer(Fields $case): array
    {
        if ($case->has('readings')) {
            $readings = [];
            foreach ($case->items('readings') as $i => $item) {
                $reading = Fields::of($item, "readings.{$i}");
                $readings[] = HangReading::of(
                    Point::of(...[...$reading->pair('hole'), $reading->at('hole')]), $reading->number('hang_angle_deg'),
                );
            }
            $fit = BalanceFit::from($readings);

            return ['balance' => [$fit->balance->x, $fit->balance->y], 'rms_mm' => $fit->rmsMm];
        }

        return ['hang_angle_deg' => Hang::angleDeg(
            Point::of(...[...$case->pair('hole'), 'hole']),
            Point::of(...[...$case->pair('balance'), 'balance']),
        )];
    }
}
