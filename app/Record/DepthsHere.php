<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\User;
use Eskith\Telling\Day\AnglersDay;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\KeptDepth;

/** Reads at which depths it bit here before. */
final class DepthsHere
{
    /** Bites told. */
    private const BITES = 40;

    /** Outings at the spot that they are looked for in. */
    private const OUTINGS = 40;

    /** @return list<KeptDepth> the last first; none between outings */
    public static function of(User $user, AnglersDay $day): array
    {
        return $day->outing === null ? [] : self::at($user, $day->spot);
    }

    /**
     * @param  int|null  $spot  id; null for no spot of the angler's own
     * @return list<KeptDepth> the last first
     */
    public static function at(User $user, ?int $spot): array
    {
        // Of the last outings there, so that a long record costs no more.
        $there = $user->setups()->where('spot_id', $spot);
        $last = (clone $there)->select('outing_id')->groupBy('outing_id')->orderByRaw('max(tied_at) desc')->limit(self::OUTINGS);
        $rows = Event::query()->standing()->bites()->toBase()->whereIn('events.setup_id', $there->select('id')->whereIn('outing_id', $last))
            ->whereNotNull('events.depth_m')
            ->latest('events.at')->limit(self::BITES)->get(['events.kind', 'events.depth_m']);

        return array_values($rows->map(
            static fn (\stdClass $row): KeptDepth => new KeptDepth(Coerce::text($row->kind), Coerce::number($row->depth_m)),
        )->all());
    }
}
