<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Models\Event;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Record\OutingHours;
use App\Record\OutingKeeper;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Fish\EventData;
use Eskith\Telling\Data\Fish\OutingRowData;
use Eskith\Telling\Data\Fish\SetupRowData;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Kept\Coerce;

/** Outings of before: a line each, or one whole. */
final readonly class OutingLogPresenter
{
    /** Events of one outing told at once. */
    private const MOST = 2000;

    /** Outings that something can be put into later. */
    private const CHOICES = 20;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** @return list<OutingRowData> newest first */
    public function all(): array
    {
        $touches = Event::query()->standing()->bites()->where('user_id', $this->user->id)->toBase()
            ->groupBy('outing_id')
            ->selectRaw('outing_id, count(*) as touches, sum(case when landed = ? then 1 else 0 end) as landed', [true])
            ->get()->keyBy('outing_id');

        return array_values($this->user->outings()->latest('started_at')->latest('id')->get()->map(
            function (Outing $outing) use ($touches): OutingRowData {
                $count = $touches->get($outing->id);

                return $this->row($outing, Coerce::whole($count->touches ?? 0), Coerce::whole($count->landed ?? 0));
            },
        )->all());
    }

    public function one(Outing $outing): OutingRowData
    {
        $bites = $outing->events()->standing()->bites()->get(['landed']);

        return $this->row($outing, $bites->count(), $bites->where('landed', true)->count());
    }

    private function row(Outing $outing, int $touches, int $landed): OutingRowData
    {
        $hours = $outing->started_at->diffInMinutes($outing->ended_at ?? now()) / 60;

        return new OutingRowData(
            uuid: $outing->uuid,
            place: $outing->place,
            startedAt: $outing->started_at->toIso8601String(),
            underWay: $outing->ended_at === null,
            words: Words::of(
                '{hours}, {bites|# bite|# bites}, {landed} landed', hours: self::hours($hours), bites: $touches, landed: $landed,
            ),
            note: $outing->note,
        );
    }

    /** @return list<SetupRowData> in the order in which they were tied on */
    public function setups(Outing $outing): array
    {
        $names = new LureNames(new UnitFormat($this->user->settings()->units));
        $hours = OutingHours::of($outing);
        $bites = $outing->events()->standing()->bites()->get(['setup_id', 'landed'])->groupBy('setup_id');
        $several = $hours->setups->pluck('spot_id')->unique()->count() > 1;
        $before = [];
        $rows = [];
        foreach ($hours->setups as $setup) {
            $felt = $bites->get($setup->id);
            $rows[] = new SetupRowData(
                uuid: $setup->uuid,
                words: BoardPresenter::named($setup, $names),
                way: BoardPresenter::way($setup),
                rod: $setup->rod?->called() ?? '',
                place: $several ? $setup->spot->name ?? '' : '',
                from: $setup->tied_at->toIso8601String(),
                hours: self::hours($hours->hours[$setup->id] ?? 0.0),
                touches: $felt?->count() ?? 0,
                landed: $felt?->where('landed', true)->count() ?? 0,
                change: self::change($before[$setup->rod_id ?? 0] ?? null, $setup),
            );
            $before[$setup->rod_id ?? 0] = $setup;
        }

        return $rows;
    }

    /** What was changed from one to the next, in a word each. */
    private static function change(?Setup $before, Setup $now): string
    {
        if ($before?->lure === null || $now->lure === null) {
            return '';
        }
        $changed = array_filter([
            'family' => $before->lure->family !== $now->lure->family,
            'weight' => abs((float) $before->lure->mass_kg - (float) $now->lure->mass_kg) > 1e-6,
            'finish' => $before->lure->finish !== $now->lure->finish,
            'hole' => $before->hole !== $now->hole,
            'cadence' => $before->cadence !== $now->cadence,
        ]);

        return match (true) {
            $changed !== [] => implode(', ', array_keys($changed)),
            $before->spot_id === $now->spot_id => 'the same again',
            default => 'the same there',
        };
    }

    /** @return list<EventData> newest first */
    public function events(Outing $outing): array
    {
        $rods = BoardPresenter::of($this->user)->rods(null);

        return EventRows::of($this->user, $outing, $rods)->all(
            $outing->events()->standing()->with('setup')->latest('at')->latest('id')->limit(self::MOST)->get(),
        );
    }

    /** @return list<OptionData> rods that fished in it */
    public function rods(Outing $outing): array
    {
        return array_values($this->user->rods()->whereIn('id', $outing->setups()->select('rod_id'))->orderBy('id')->get()
            ->map(static fn ($rod): OptionData => new OptionData($rod->uuid, $rod->called()))->all());
    }

    /** @return list<OptionData> outings near enough to have been the same one */
    public function joinable(Outing $outing): array
    {
        $from = $outing->started_at->copy()->subHours(OutingKeeper::APART_H);
        $to = ($outing->ended_at ?? now())->copy()->addHours(OutingKeeper::APART_H);

        return array_values($this->user->outings()->whereKeyNot($outing->id)->where('started_at', '<', $to)
            ->where(static fn ($open) => $open->whereNull('ended_at')->orWhere('ended_at', '>', $from))->latest('started_at')->get()
            ->map(static fn (Outing $other): OptionData => new OptionData(
                $other->uuid, "{$other->place}, ".$other->started_at->toIso8601String(),
            ))->all());
    }

    /** @return list<OptionData> the last ones, the newest first, each with its day in the hours of the server */
    public function choices(): array
    {
        return array_values($this->user->outings()->latest('started_at')->latest('id')->limit(self::CHOICES)->get()->map(
            static fn (Outing $one): OptionData => new OptionData($one->uuid, "{$one->place}, {$one->started_at->format('j M')}"),
        )->all());
    }

    private static function hours(float $hours): string
    {
        $minutes = (int) round(60 * $hours);

        return $minutes < 60 ? "{$minutes} min" : intdiv($minutes, 60).' h'.($minutes % 60 === 0 ? '' : ' '.($minutes % 60).' min');
    }
}
