<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Drop\AngleFix;
use Eskith\Core\Drop\Lean;
use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Water\AngleFixData;
use Eskith\Telling\Kit;

/** "My line leans so much with this on": what flows, and what to do about it. */
final class AngleFixPresenter
{
    /** @throws InvalidInput when depth was not read or no flow gives this angle */
    public static function of(Kit $kit, SingleDrop $desk, float $angleDeg): AngleFixData
    {
        $now = $desk->situation->columnIfStill ?? throw InvalidInput::because(
            'depth', 'Read the depth first. The angle needs it.',
        );
        $water = $desk->situation->water;
        $unread = $desk->situation->column === null;
        if ($unread) {
            // What passes the line is what it tells; the boat as it goes, where that is known.
            $now = $now->with(Flow::of($water->currentMs ?? 0.0, $water->boatMs ?? 0.0, $water->profile));
        }
        $river = $water->profile === Profile::River;
        $sense = $now->flow->mean() > 0 || ($river && $now->flow->mean() >= 0) ? 1.0 : -1.0;
        $flow = AngleFix::flow($sense * abs($angleDeg), $desk->lure->body, $now);
        $fixed = $now->with($flow);
        $say = $desk->situation->say;
        // A tide whose current was not read: all that passes the boat is put down to it.
        $tide = ! $river && $water->currentMs === null;
        $current = $river ? $flow->surfaceMs : $flow->mean() + ($water->boatMs ?? 0.0);
        [$name, $speed] = $river || $tide ? ['current', $current] : ['drift', $flow->boatMs];
        $names = new LureNames($desk->situation->say);

        return new AngleFixData(
            headline: Words::of(
                '{angle} on the {lure} means {speed} of {flow}',
                angle: $say->angle($angleDeg), lure: $names->lure($desk->lure), speed: $say->speed(abs($speed)),
                flow: $river ? 'current at the surface' : $name,
            ),
            ways: self::ways($kit, $desk, $fixed, $names),
            texts: [$name => $say->speed($speed), ...($name === 'current' && $water->boatMs === null ? ['drift' => $say->speed(0.0)] : [])],
            words: Words::of('the {name} to {speed}', name: $name, speed: $say->speed($speed)),
            weights: self::weights($kit, $desk, $fixed, $names),
            lines: self::lines($kit, $desk, $fixed),
        );
    }

    /** @return list<string> what brings it back within 20° */
    private static function ways(Kit $kit, SingleDrop $desk, WaterColumn $fixed, LureNames $names): array
    {
        $say = $desk->situation->say;
        if (VerticalLimits::isVertical($desk->lure->body, $fixed)) {
            return ['It is straight enough down as it is.'];
        }
        $own = [];
        foreach ($kit->luresAtHand() as $kept) {
            $lure = $kept->lure();
            if (VerticalLimits::isVertical($lure->body, $fixed)) {
                $own[] = $lure;
            }
        }
        usort(
            $own,
            static fn ($a, $b): int => [
                $a->massKg, $a->family !== $desk->lure->family,
            ] <=> [$b->massKg, $b->family !== $desk->lure->family],
        );
        $least = VerticalLimits::leastMassKg($desk->lure->family, $fixed);
        $drift = VerticalLimits::largestDriftMs($desk->lure->body, $fixed);
        $line = VerticalLimits::thickestLineM($desk->lure->body, $fixed);

        return [
            isset($own[0]) ? Words::of('Tie on the {lure}, the lightest of yours that stays straight down.', lure: $names->lure($own[0]))
                : (
                    $least === null
                        ? 'No weight up to 120 g would stay straight down.'
                        : Words::of('Nothing you own stays straight down. It would take {least}.', least: $say->mass($least))
                ),
            ...($drift !== null && $drift < abs($fixed->flow->boatMs) ? [Words::of(
                'Or slow the boat to {drift}.', drift: $say->speed($drift),
            )] : []),
            ...($line !== null ? [Words::of('Or go down to {millimetre} line.', millimetre: Unit::Millimetre->print($line))] : []),
        ];
    }

    /** @return list<string> what the other weights of this family would do */
    private static function weights(Kit $kit, SingleDrop $desk, WaterColumn $fixed, LureNames $names): array
    {
        $say = $desk->situation->say;
        $said = [];
        $masses = [];
        foreach ($kit->luresAtHand() as $kept) {
            if ($kept->text('family') === $desk->lure->family->value) {
                $masses[$kept->text('mass_kg')] = $kept->number('mass_kg');
            }
        }
        sort($masses);
        foreach ($masses as $mass) {
            $angle = Lean::of(Body::of($desk->lure->family, $mass), $fixed)->angleDeg();
            $said[] = ucfirst($names->weight($mass)).': '.$say->angle($angle);
        }

        return $said;
    }

    /** @return list<string> what the other lines on board would do */
    private static function lines(Kit $kit, SingleDrop $desk, WaterColumn $fixed): array
    {
        $say = $desk->situation->say;
        $said = [];
        foreach ($kit->hand->lines() as $line) {
            $column = WaterColumn::of(
                $fixed->depthM, $line->diameterM,
                Flow::of($fixed->flow->surfaceMs, $fixed->flow->boatMs, $fixed->flow->profile), $fixed->water,
            );
            $said[] = "{$line->name}: ".$say->angle(Lean::of($desk->lure->body, $column)->angleDeg());
        }

        return $said;
    }
}
