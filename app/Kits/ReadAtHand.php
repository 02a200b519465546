<?php

declare(strict_types=1);

namespace App\Kits;

use App\Models\Line;
use App\Models\Outing;
use App\Models\Rod;
use App\Models\Spot;
use App\Models\User;
use App\Readings\Spots;
use App\Readings\TodaysReadings;
use App\Record\DepthsHere;
use App\Record\Logbook;
use App\Rows\Placing;
use App\Tackle\RodKeeper;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Kept\AtHand;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\KeptLine;
use Eskith\Telling\Kept\KeptOnBoard;
use Eskith\Telling\Kept\KeptRod;
use Eskith\Telling\Kept\KeptSpot;
use Eskith\Telling\Kept\Pace;

/** What an angler has in hand, read when it is asked for: most answers ask for none of it. */
final class ReadAtHand implements AtHand
{
    /** Drops from which there is a pace. */
    private const DROPS = 4;

    /** Spots that are taken along: those of the water where one is come first. */
    private const SPOTS = 100;

    private Rod|false|null $rod = false;

    /** @var list<KeptLine>|null */
    private ?array $lines = null;

    private ?int $worn = null;

    public function __construct(private readonly User $user)
    {
    }

    public function rod(): ?KeptRod
    {
        $rod = $this->inHand();

        return $rod === null ? null : self::kept($rod);
    }

    private static function kept(Rod $rod): KeptRod
    {
        return new KeptRod(
            lengthM: $rod->length_m,
            liftsKg: $rod->lifts_kg,
            leader: $rod->leader,
            leaderN: $rod->leader_n,
            leaderM: $rod->leader_m,
            connector: $rod->connector,
        );
    }

    public function rods(): array
    {
        return array_values($this->user->rods()->onBoard()->get()->map(fn (Rod $rod): KeptOnBoard => new KeptOnBoard(
            $rod->id, $rod->uuid, $rod->line_id, RodKeeper::worn($this->user, $rod), self::kept($rod),
        ))->all());
    }

    public function spots(): array
    {
        $units = $this->user->settings()->units;
        $here = TodaysReadings::of($this->user)->spotId;
        $spots = $this->user->spots()->with('water')->orderByDesc('id')->get();
        $water = $spots->firstWhere('id', $here)?->water_id;

        return array_values($spots->sortBy(static fn (Spot $spot): int => $spot->water_id === $water ? 0 : 1)->take(self::SPOTS)->map(
            function (Spot $spot) use ($units, $water): KeptSpot {
                $degrees = Placing::spot($spot) === null ? null : Placing::degrees($spot);

                return new KeptSpot(
                    id: $spot->id,
                    place: $spot->placed(),
                    waterId: $spot->water_id,
                    water: $spot->water->name,
                    protected: Coerce::text($spot->water->protected_fish),
                    localRules: Coerce::text($spot->water->local_rules),
                    known: Spots::known($spot, $units),
                    latitude: $degrees[0] ?? null,
                    longitude: $degrees[1] ?? null,
                    depths: $spot->water_id === $water ? DepthsHere::at($this->user, $spot->id) : [],
                );
            },
        )->all());
    }

    public function lines(): array
    {
        return $this->lines ??= array_values($this->user->lines()->orderBy('id')->get()->map(
            static fn (Line $line): KeptLine => new KeptLine(
                id: $line->id, name: $line->name, kind: $line->kind, diameterM: $line->diameter_m, breakN: $line->break_n,
                inUse: $line->in_use,
            ),
        )->all());
    }

    public function worn(): int
    {
        return $this->worn ??= RodKeeper::worn($this->user, $this->inHand());
    }

    public function pace(): ?Pace
    {
        $outing = Logbook::of($this->user)->underWay();

        return $outing === null ? null : new Pace(
            (float) $outing->started_at->format('U.u'),
            $outing->events()->standing()->where('kind', EventKind::Fish)->where('landed', true)->count(),
            $this->dropEvery($outing),
        );
    }

    private function dropEvery(Outing $outing): ?float
    {
        $setup = Logbook::of($this->user)->setup($outing);
        $drops = $setup === null ? [] : $outing->events()->standing()->where('kind', EventKind::Drop)->where('setup_id', $setup->id)
            ->orderBy('at')->get()->all();
        $count = count($drops);

        return $count < self::DROPS ? null : $drops[0]->at->diffInSeconds($drops[$count - 1]->at) / ($count - 1);
    }

    private function inHand(): ?Rod
    {
        if ($this->rod === false) {
            $this->rod = $this->user->rodInHand();
        }

        return $this->rod;
    }
}
