<?php

declare(strict_types=1);

namespace App\Kits;

use App\Models\Line;
use App\Models\Outing;
use App\Models\Rod;
use App\Models\User;
use App\Record\Logbook;
use App\Tackle\RodKeeper;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Kept\AtHand;
use Eskith\Telling\Kept\KeptLine;
use Eskith\Telling\Kept\KeptRod;
use Eskith\Telling\Kept\Pace;

/** What an angler has in hand, read when it is asked for: most answers ask for none of it. */
final class ReadAtHand implements AtHand
{
    /** Drops from which there is a pace. */
    private const DROPS = 4;

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

        return $rod === null ? null : new KeptRod(
            lengthM: $rod->length_m,
            liftsKg: $rod->lifts_kg,
            leader: $rod->leader,
            leaderN: $rod->leader_n,
            leaderM: $rod->leader_m,
            connector: $rod->connector,
        );
    }

    public function lines(): array
    {
        return $this->lines ??= array_values($this->user->lines()->orderBy('id')->get()->map(
            static fn (Line $line): KeptLine => new KeptLine(
                $line->name, $line->kind, $line->diameter_m, $line->break_n, $line->in_use,
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
