<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Cadence\Plan\Area;
use Eskith\Core\Cadence\Plan\Cast;
use Eskith\Core\Cadence\Plan\DriftPlan;
use Eskith\Core\Cadence\Plan\FanPlan;
use Eskith\Core\Cadence\Plan\Lane;
use Eskith\Core\Cadence\Plan\WallPlan;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;

/** Casts along a wall or in a fan, drifts over an area. */
final class PlanVerb implements Verb
{
    public function answer(Fields $case): array
    {
        return match ($this->word($case, 'kind', ['wall', 'fan', 'drift'])) {
            'wall' => $this->wall($case),
            'fan' => $this->fan($case),
            default => $this->drift($case),
        };
    }

    /** @return array<string, mixed> */
    private function wall(Fields $case): array
    {
        $plan = WallPlan::of(
            $this->points($case, 'points'), $case->number('spacing_m'), $case->number('stand_off_m'),
            $this->word($case, 'side', ['left', 'right']) === 'left', $case->number('aim_past_m', 0.0),
        );

        return [
            'casts' => array_map(static fn (Cast $cast): array => [
                'lands' => $cast->lands->pair(), 'stand' => $cast->stand->pair(), 'aim' => $cast->aim->pair(),
            ], $plan->casts),
            'minutes' => $this->minutes($case, count($plan->casts)),
            'notes' => $plan->notes,
        ];
    }

    /** @return array<string, mixed> */
    private function fan(Fields $case): array
    {
        $plan = FanPlan::of(
            new Position(...$case->pair('stand')), $case->number('from_deg'), $case->number('to_deg'), $case->number('near_m'),
            $case->number('far_m'), $case->number('lane_m'),
        );

        return [
            'casts' => array_map(
                static fn (Cast $cast): array => ['stand' => $cast->stand->pair(), 'aim' => $cast->aim->pair()], $plan->casts,
            ),
            'minutes' => $this->minutes($case, count($plan->casts)),
        ];
    }

    /** @return array<string, mixed> */
    private function drift(Fields $case): array
    {
        $plan = DriftPlan::of(
            Area::of($this->points($case, 'area')), $case->number('drift_deg'), $case->number('speed_ms'), $case->number('lane_m'),
            $case->number('motor_ms'),
        );

        return [
            'lanes' => array_map(
                static fn (Lane $lane): array => ['start' => $lane->start->pair(), 'end' => $lane->end->pair()], $plan->lanes,
            ),
            'minutes' => $plan->minutes,
        ];
    }

    private function minutes(Fields $case, int $casts): float
    {
        $each = $case->number('seconds_per_cast');

        return $each >= 0.0 && $each <= 3600.0
            ? $casts * $each / 60
            : throw InvalidInput::because($case->at('seconds_per_cast'), 'A cast takes between 0 s and an hour.');
    }

    /** @return list<Position> */
    private function points(Fields $case, string $name): array
    {
        return array_map(
            static fn (mixed $point): Position => new Position(...Fields::of(['point' => $point], $case->at($name))->pair('point')),
            $case->items($name),
        );
    }

    /** @param  non-empty-list<string>  $words */
    private function word(Fields $case, string $name, array $words): string
    {
        $word = $case->text($name);

        return in_array($word, $words, true)
            ? $word
            : throw InvalidInput::because($case->at($name), "\"{$case->at($name)}\" must be one of ".implode(', ', $words).'.');
    }
}
