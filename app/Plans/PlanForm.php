<?php

declare(strict_types=1);

namespace App\Plans;

use Eskith\Core\Cadence\Plan\Area;
use Eskith\Core\Cadence\Plan\DriftPlan;
use Eskith\Core\Cadence\Plan\FanPlan;
use Eskith\Core\Cadence\Plan\ForwardCasts;
use Eskith\Core\Cadence\Plan\Ledges;
use Eskith\Core\Cadence\Plan\WallPlan;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Position;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Enums\PlanKind;

/** The fields of a plan as they are typed, and what they lay out. */
final readonly class PlanForm
{
    /** Fields of the core, by what they are called here, for errors. */
    private const NAMES = [
        'points' => 'line', 'spacing_m' => 'spacing', 'stand_off_m' => 'off', 'aim_past_m' => 'past', 'to_deg' => 'to', 'near_m' => 'near',
        'far_m' => 'far', 'lane_m' => 'lane', 'drift_deg' => 'toward', 'speed_ms' => 'speed', 'motor_ms' => 'motor', 'way_m' => 'way',
        'step_m' => 'step', 'cast_m' => 'cast',
    ];

    /** @param  array<string, string>  $fields */
    public function __construct(public PlanKind $kind, private array $fields, private UnitSet $units)
    {
    }

    /** @throws InvalidInput naming the field as it is called here */
    public function wall(): WallPlan
    {
        return $this->named(fn (): WallPlan => WallPlan::of(
            $this->line(), $this->length('spacing'), $this->length('off'), $this->word('side', ['left', 'right']) === 'left',
            $this->length('past'),
        ));
    }

    /** @throws InvalidInput */
    public function fan(): FanPlan
    {
        return $this->named(fn (): FanPlan => FanPlan::of(
            new Position(0.0, 0.0), $this->angle('from'), $this->angle('to'), $this->length('near'), $this->length('far'),
            $this->length('lane'),
        ));
    }

    /** @throws InvalidInput */
    public function drift(): DriftPlan
    {
        return $this->named(fn (): DriftPlan => DriftPlan::of(
            $this->area(), $this->angle('toward'), $this->speed('speed'), $this->length('lane'), $this->speed('motor'),
        ));
    }

    /** @throws InvalidInput */
    public function area(): Area
    {
        $sides = preg_split('/\s*[x×]\s*/u', $this->text('area')) ?: [];
        if (count($sides) !== 2) {
            return Area::of($this->corners('area'));
        }
        [$wide, $long] = array_map(fn (string $side): float => Measure::parse($side, $this->units->depth, 'area')->si, $sides);
        // As it lies to the drift: long along it.
        $along = deg2rad($this->angle('toward'));
        $at = static fn (float $across, float $up): Position => new Position(
            $across * cos($along) + $up * sin($along), -$across * sin($along) + $up * cos($along),
        );

        return Area::of([$at(0, 0), $at($wide, 0), $at($wide, $long), $at(0, $long)]);
    }

    /** @throws InvalidInput */
    public function advance(): ForwardCasts
    {
        return $this->named(fn (): ForwardCasts => ForwardCasts::of(
            $this->length('way'), $this->length('step'), $this->length('cast'), $this->whole('each'),
        ));
    }

    /** @throws InvalidInput */
    public function ledges(SingleDrop $drop): Ledges
    {
        $column = $drop->situation->columnIfStill ?? throw InvalidInput::because(
            'depths', 'Read the depth first. Ledges lie above the bottom.',
        );
        $candidate = $drop->candidate();
        $fall = Fall::of(
            $drop->lure->body, Falling::toTheBottom($drop->situation, $drop->lure, $candidate->hole(), $candidate->hangAngleDeg), $column,
        );
        $depths = array_filter(preg_split('/\s*[,;]\s*/', $this->text('depths')) ?: [], static fn (string $one): bool => $one !== '');

        return Ledges::of(
            array_map(fn (string $one): float => Measure::parse($one, $this->units->depth, 'depths')->si, array_values($depths)), $fall,
            $column->depthM,
        );
    }

    /** @throws InvalidInput */
    public function runsAway(): bool
    {
        return $this->word('runs', ['away', 'toward']) === 'away';
    }

    /**
     * @return list<Position>
     *
     * @throws InvalidInput
     */
    public function line(): array
    {
        $text = $this->text('line');
        if (! str_contains($text, ',') || preg_match('/^\s*\d+,\d+\s*[a-z\']*\s*$/i', $text) === 1) {
            return [new Position(0.0, 0.0), new Position(Measure::parse($text, $this->units->depth, 'line')->si, 0.0)];
        }

        return $this->corners('line');
    }

    /** @throws InvalidInput */
    public function secondsPerCast(): float
    {
        $seconds = Measure::parse($this->text('seconds'), Unit::Second, 'seconds')->si;

        return $seconds > 0.0 && $seconds <= 3600.0
            ? $seconds
            : throw InvalidInput::because('seconds', 'A cast takes over 0 and up to an hour.');
    }

    /**
     * "0,0 20,3 30,-8", in the unit of depths
     *
     * @return list<Position>
     *
     * @throws InvalidInput
     */
    private function corners(string $field): array
    {
        $pairs = preg_split('/[\s;]+/', trim($this->text($field)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(function (string $pair) use ($field): Position {
            if (preg_match('/^(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)$/', $pair, $found) !== 1) {
                throw InvalidInput::because($field, 'Corners are pairs of figures, east and north, such as 0,0 60,10 90,40.');
            }

            return new Position($this->units->depth->toSi((float) $found[1]), $this->units->depth->toSi((float) $found[2]));
        }, $pairs);
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $plan
     * @return T
     *
     * @throws InvalidInput
     */
    private function named(\Closure $plan): mixed
    {
        try {
            return $plan();
        } catch (InvalidInput $bad) {
            throw InvalidInput::because(self::NAMES[$bad->field] ?? $bad->field, $bad->getMessage());
        }
    }

    private function length(string $field): float
    {
        return Measure::parse($this->text($field), $this->units->depth, $field)->si;
    }

    private function speed(string $field): float
    {
        return Measure::parse($this->text($field), $this->units->speed, $field)->si;
    }

    private function angle(string $field): float
    {
        return Measure::parse($this->text($field), Unit::Degree, $field)->si;
    }

    private function whole(string $field): int
    {
        $value = filter_var(trim($this->text($field)), FILTER_VALIDATE_INT);

        return $value === false ? throw InvalidInput::because($field, 'That is a whole number, such as 3.') : $value;
    }

    /** @param  non-empty-list<string>  $words */
    private function word(string $field, array $words): string
    {
        $word = mb_strtolower(trim($this->text($field)));

        return in_array($word, $words, true) ? $word : throw InvalidInput::because(
            $field, 'Say {words}.', words: implode(' or ', $words),
        );
    }

    private function text(string $field): string
    {
        return $this->fields[$field] ?? '';
    }
}
