<?php

declare(strict_types=1);

namespace App\Answers;

use App\Data\ColumnData;
use App\Data\TickData;
use App\Data\TouchData;
use App\Models\Outing;
use App\Models\User;
use App\Readings\ReadingBook;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Units\Unit;

/** The water column: place, depth scale, bottom, wind, and the touches felt here before. */
final class ColumnPresenter
{
    /** Labelled ticks wanted on the scale. */
    private const TICKS = 6;

    /** Touches shown. */
    private const TOUCHES = 40;

    public function of(User $user, ReadingBook $book, Situation $situation, ?Outing $outing): ColumnData
    {
        $depth = $situation->water->depthM ?? 8.0;
        $say = $situation->say;
        $drift = $book->driftMs();

        return new ColumnData(
            $outing->place ?? 'Today',
            $depth,
            $book->text('depth') ?? $say->depth($depth),
            $situation->water->bottom?->value,
            $situation->water->bottom?->word() ?? 'bottom not read',
            $situation->water->wall ?? false,
            $situation->water->windMs === null ? '' : 'wind '.($book->text('wind') ?? ''),
            $situation->water->windMs ?? 0.0,
            $drift === null ? 'drift not read' : 'drift '.$say->speed($drift),
            $drift ?? 0.0,
            $situation->water->currentMs ?? 0.0,
            $situation->water->currentMs === null || $situation->water->currentMs === 0.0 ? '' : 'current '.$say->speed($situation->water->currentMs),
            $situation->vertical(),
            self::ticks($depth, $say->units->depth),
            self::touches($user, $outing, $depth, $situation),
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

    /** @return list<TouchData> */
    private static function touches(User $user, ?Outing $outing, float $depth, Situation $situation): array
    {
        if ($outing === null) {
            return [];
        }

        return array_values($user->events()->toBase()
            ->whereIn('kind', ['touch', 'fish'])->whereNull('undone_at')->whereNotNull('depth_m')
            ->whereIn('outing_id', Outing::query()->where('user_id', $user->id)->where('spot_id', $outing->spot_id)->select('id'))
            ->latest('at')->limit(self::TOUCHES)->get(['kind', 'depth_m'])
            ->map(static fn (\stdClass $event): TouchData => new TouchData(
                max(0.0, round($depth - (float) $event->depth_m, 3)),
                $event->kind === 'fish',
                "{$event->kind} at ".$situation->say->depth((float) $event->depth_m),
            ))->all());
    }
}
