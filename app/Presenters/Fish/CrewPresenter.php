<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Models\Event;
use App\Models\Outing;
use App\Models\User;
use App\Presenters\Pictures\PicturePresenter;
use App\Record\RodTally;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Fish\CrewData;
use Eskith\Telling\Data\Fish\CrewEventData;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Collection;

/** Those one fishes with: what they logged in the outings that are shared, and nothing else of theirs. */
final class CrewPresenter
{
    /** Entries listed. */
    private const LISTED = 12;

    public static function of(User $angler, Outing $outing): ?CrewData
    {
        if ($outing->crew_id === null || $outing->crew === null) {
            return null;
        }
        $outings = $outing->crew->outings()->whereNull('deleted_at')->with('user')->orderBy('id')->get();
        $others = $outings->where('user_id', '!=', $angler->id);
        $events = Event::query()->standing()->bites()->whereIn('outing_id', $others->pluck('id'))
            ->latest('at')->latest('id')->limit(self::LISTED)->get();

        return new CrewData(
            code: $outing->crew->user_id === $angler->id && $outing->crew->isOpen()
                ? substr($outing->crew->code, 0, 4).' '.substr($outing->crew->code, 4)
                : null,
            anglers: array_values($outings->map(static fn (Outing $one): string => self::angler($one, $angler))->all()),
            events: self::events($events, $others, $angler), sharesTags: $outing->shares_tags,
        );
    }

    private static function angler(Outing $outing, User $angler): string
    {
        [$touches, $landed] = RodTally::bites($outing);

        return Words::of(
            $outing->ended_at === null
                ? '{name}: {landed} landed of {bites|# bite|# bites}'
                : '{name}: {landed} landed of {bites|# bite|# bites}, ended',
            name: $outing->user_id === $angler->id ? 'You' : $outing->user->name, landed: $landed, bites: $touches,
        );
    }

    /**
     * @param  Collection<int, Event>  $events
     * @param  Collection<int, Outing>  $outings
     * @return list<CrewEventData>
     */
    private static function events(Collection $events, Collection $outings, User $angler): array
    {
        $units = $angler->settings()->units;
        $by = $outings->keyBy('id');
        $pictures = PicturePresenter::byEvent(array_map(Coerce::whole(...), array_values($outings->pluck('id')->all())));
        $told = [];
        foreach ($events as $event) {
            if ($event->kind !== null) {
                $told[] = new CrewEventData(
                    $by->get($event->outing_id)->user->name ?? '',
                    EventWords::of($event, $event->kind, $units, $by->get($event->outing_id)?->shares_tags === true),
                    $event->at->toIso8601ZuluString('millisecond'),
                    $event->depth_m === null ? '' : $units->depth->print($event->depth_m),
                    $pictures[$event->id] ?? [],
                );
            }
        }

        return $told;
    }
}
