<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Models\Event;
use App\Models\Mark;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Record\Logbook;
use App\Record\Pauses;
use App\Record\RodTally;
use App\Rows\Placing;
use App\Rows\TideAndLight;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Water\Position;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Fish\MarkedData;
use Eskith\Telling\Data\Fish\PauseData;
use Eskith\Telling\Data\Fish\SkyData;
use Eskith\Telling\Data\Fish\TieableData;
use Eskith\Telling\Data\Fish\TyingData;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\MarkKind;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;

/** What is told of an outing beside its counters: its pace and its rests, light and tide, its marks, what worked before. */
final readonly class OutingBeside
{
    /** Marks of the day that one can get back onto. */
    private const MARKS = 5;

    /** h of silence after which an outing seems to be forgotten. */
    private const SILENT_H = 3;

    public function __construct(private User $angler, private Outing $outing)
    {
    }

    /** @return list<OptionData> what can be marked with one tap; nothing at no spot of one's own */
    public function markPads(): array
    {
        return $this->outing->spotAt() === null ? [] : array_map(
            static fn (MarkKind $kind): OptionData => new OptionData($kind->value, (string) $kind->pad()), MarkKind::pads(),
        );
    }

    /** @return list<MarkedData> */
    public function marks(): array
    {
        $marks = Mark::query()->where('outing_id', $this->outing->id)->with('water')->latest('at')->latest('id')->limit(self::MARKS)->get();

        return array_values($marks->map(
            static function (Mark $mark): MarkedData {
                [$lat, $lon] = Placing::frame($mark->water)?->degrees(new Position($mark->east_m, $mark->north_m)) ?? [null, null];

                return new MarkedData(
                    $mark->uuid, $mark->kind?->word() ?? 'mark', $mark->at->toIso8601ZuluString('millisecond'), $lat, $lon,
                );
            },
        )->all());
    }

    public function pause(): ?PauseData
    {
        $pause = Pauses::of($this->angler)->now($this->outing);

        return $pause === null ? null : new PauseData(
            $pause->why?->word() ?? '', $pause->from_at->toIso8601ZuluString('millisecond'),
            $pause->rod_id === null ? null : $this->angler->rods()->whereKey($pause->rod_id)->first()?->uuid,
        );
    }

    public function sky(): SkyData
    {
        $sky = TideAndLight::over($this->outing->spotAt());
        $slack = $sky->slack(Carbon::now());

        return new SkyData(
            $sky->sunset(Carbon::now())?->toIso8601String(), $slack === null ? null : $slack[0]->toIso8601String(),
            $slack === null ? '' : ($slack[1]->high ? 'high' : 'low'),
        );
    }

    /** "3 bites and 1 fish in half an hour", once that long has been fished. */
    public function pace(RodTally $tally): string
    {
        $half = max(1.0, $this->outing->started_at->diffInMinutes(Carbon::now()) / 30);
        if ($half < 1.5 || $tally->touches === 0) {
            return '';
        }
        $each = static fn (int $count): string => (string) round($count / $half, 1);

        return Words::of('{bites} bites and {fish} fish in half an hour', bites: $each($tally->touches), fish: $each($tally->landed));
    }

    /** What was touched last on this rod, where that is something else than what is on now. */
    public function worked(?Setup $setup, LureNames $names): ?TieableData
    {
        $last = Event::query()->standing()->bites()->where('outing_id', $this->outing->id)->with('setup.lure')
            ->whereIn('setup_id', $this->outing->setups()->select('id')->where('rod_id', $this->angler->rod_id))
            ->latest('at')->latest('id')->first()?->setup;

        return $last?->lure === null || $last->cadence === null || ! $last->lure->isAtHand() || $last->key() === $setup?->key()
            ? null
            : new TieableData(
                BoardPresenter::named($last, $names), BoardPresenter::way($last),
                new TyingData($last->lure->id, $last->hole, $last->cadence),
            );
    }

    /** When an outing was last heard of that seems to be forgotten; null while it goes on. */
    public function forgotten(): ?string
    {
        $last = Logbook::of($this->angler)->lastTap($this->outing);

        return $last->diffInHours(Carbon::now()) >= self::SILENT_H ? $last->toIso8601String() : null;
    }

    /** The pace of the drops since this was tied on; null until there are enough to tell. */
    public static function minutesPerDrop(Setup $setup): ?float
    {
        $drops = $setup->events()->standing()->where('kind', EventKind::Drop)->toBase()
            ->selectRaw('count(*) as many, min(at) as begun, max(at) as latest')->first();
        $count = Coerce::whole($drops->many ?? 0);
        if ($count < 3) {
            return null;
        }
        $minutes = (Coerce::seconds($drops->latest ?? '') - Coerce::seconds($drops->begun ?? '')) / 60 / ($count - 1);

        return $minutes < 0.1 ? null : round($minutes, 2);
    }
}
