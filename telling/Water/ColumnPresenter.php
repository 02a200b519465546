<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Drop\SonarCircle;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\BoatHolding;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\Picture\ColumnData;
use Eskith\Telling\Data\Picture\SonarData;
use Eskith\Telling\Data\Picture\TickData;
use Eskith\Telling\Data\Picture\TouchData;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Kept\KeptDepth;
use Eskith\Telling\Readings\ReadingBook;

/** The water column: place, depth scale, bottom, wind, and the touches felt here before. */
final class ColumnPresenter
{
    /** Labelled ticks wanted on the scale. */
    private const TICKS = 6;

    public function of(RankedBox $rankedBox, ?Candidate $first): ColumnData
    {
        [$kit, $book, $situation] = [$rankedBox->kit, $rankedBox->book, $rankedBox->situation];
        $depth = $situation->water->depthM ?? Conditions::ASSUMED_DEPTH_M;
        $say = $situation->say;

        return new ColumnData(
            place: $kit->day->placeOr($kit->here),
            depthM: $depth,
            depthText: $book->text('depth') ?? $say->depth($depth),
            bottom: $situation->water->bottom,
            wall: $situation->water->wall ?? false,
            windText: $situation->water->windMs === null ? '' : Words::of('wind {book}', book: $book->text('wind') ?? ''),
            windMs: $situation->water->windMs ?? 0.0,
            currentText: $situation->water->currentMs === null || $situation->water->currentMs === 0.0
                ? ''
                : Words::of('current {current}', current: $say->speed($situation->water->currentMs)),
            vertical: $situation->vertical(),
            sonar: self::sonar($book, $situation, $depth, $first),
            ticks: self::ticks($depth, $say->units->depth),
            touches: self::touches($kit->depths, $depth, $situation),
            fishM: $situation->fishDepthM() === null ? null : round($depth - $situation->fishDepthM(), 3),
            fishText: $situation->fishDepthM() === null ? '' : Words::of(
                $situation->isFishDepthAssumed() ? 'fish at {depth}, assumed' : 'fish at {depth}',
                depth: $say->depth($situation->fishDepthM()),
            ),
            onFoot: $book->text('lies') === BoatHolding::OnFoot->value,
        );
    }

    private static function sonar(ReadingBook $book, Situation $situation, float $depth, ?Candidate $first): SonarData
    {
        $cone = $book->si('cone') ?? 20.0;
        $circle = SonarCircle::of($cone, $depth);
        $line = $first === null || $situation->columnIfStill === null
            ? null
            : RestingLine::of($first->lure->body, $situation->columnIfStill);
        $shows = $line?->offsetM !== null && $circle->shows($line->offsetM);
        $say = $situation->say;
        $wide = $say->depth($circle->diameterM);

        return new SonarData(
            $circle->diameterM / 2,
            Words::of(
                $shows
                    ? 'A {cone} cone shows {wide} of bottom. The lure is on the screen.'
                    : 'A {cone} cone shows {wide} of bottom. The lure is off the screen.',
                cone: $say->angle($cone), wide: $wide,
            ),
            $shows,
        );
    }

    /** @return list<TickData> round figures in the angler's unit */
    private static function ticks(float $depthM, Unit $unit): array
    {
        $depth = $unit->fromSi($depthM);
        $step = 1.0;
        foreach ([1, 2, 5, 10, 20, 50, 100] as $try) {
            $step = (float) $try;
            if ($depth / $step <= self::TICKS) {
                break;
            }
        }
        $ticks = [];
        for ($at = $step; $at < $depth - $step * 0.25; $at += $step) {
            $ticks[] = new TickData($unit->toSi($at), (string) $at.($ticks === [] ? ' '.$unit->symbol() : ''));
        }

        return $ticks;
    }

    /**
     * @param  list<KeptDepth>  $depths
     * @return list<TouchData>
     */
    private static function touches(array $depths, float $depth, Situation $situation): array
    {
        return array_map(static fn (KeptDepth $at): TouchData => new TouchData(
            max(0.0, round($depth - $at->depthM, 3)), $at->kind === EventKind::Fish->value,
            Words::of('{kind} at {depth}', kind: $at->kind, depth: $situation->say->depth($at->depthM)),
        ), $depths);
    }
}
