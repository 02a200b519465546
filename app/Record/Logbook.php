<?php

declare(strict_types=1);

namespace App\Record;

use App\Database\Caps;
use App\Models\Event;
use App\Models\Lure;
use App\Models\Outing;
use App\Models\Rod;
use App\Models\Setup;
use App\Models\User;
use App\Readings\TodaysReadings;
use App\Tackle\RodKeeper;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What happens on the water, written down. Every write carries its own id, so that sending it twice changes nothing. */
final readonly class Logbook
{
    /** h after its end that an outing can be gone on with. */
    private const REOPEN_H = 24;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    public function underWay(): ?Outing
    {
        return $this->user->outings()->underWay()->latest('started_at')->latest('id')->first();
    }

    /** What is on the rod in hand; null while nothing is. */
    public function setup(Outing $outing): ?Setup
    {
        $setup = $outing->setups()->where('rod_id', $this->user->rod_id)->latest('tied_at')->latest('id')->first();

        return $setup?->until_at === null ? $setup : null;
    }

    /** @return array<int, Setup> what is on each rod, by the rod's id */
    public function onTheRods(Outing $outing): array
    {
        $on = [];
        foreach ($outing->setups()->with('lure')->orderBy('tied_at')->orderBy('id')->get() as $setup) {
            $on[$setup->rod_id ?? 0] = $setup;
        }

        return array_filter($on, static fn (Setup $setup): bool => $setup->until_at === null);
    }

    /** On the rod on which this is tied. */
    public function lastBite(Setup $setup): ?Event
    {
        return Event::query()->standing()->bites()->where('outing_id', $setup->outing_id)
            ->whereIn('setup_id', Setup::query()->select('id')->where('outing_id', $setup->outing_id)->where('rod_id', $setup->rod_id))
            ->latest('at')->latest('id')->first();
    }

    /** Since when nothing has touched what is tied on. */
    public static function quietSince(Setup $setup, ?Carbon $lastBite): Carbon
    {
        return $lastBite === null || $lastBite->lessThan($setup->tied_at) ? $setup->tied_at : $lastBite;
    }

    /**
     * Starts an outing with a pick, or ties the pick on when one is under way; the rod is taken in hand.
     *
     * @param  int|null  $lureId  null for other bait on a still rod
     * @param  string|null  $rod  uuid; null for the one in hand
     * @param  Outing|null  $into  the outing it was tied on in; null for the one under way
     * @param  Carbon|null  $at  when it was tied on; null for now
     *
     * @throws InvalidInput when the lure is not in the box or has no such hole, or the rod is not for it
     */
    public function tieOn(
        string $uuid, ?int $lureId, ?string $hole, ?Cadence $cadence, ?string $rod = null, ?Outing $into = null, ?Carbon $at = null,
    ): Outing {
        return DB::transaction(function () use ($uuid, $lureId, $hole, $cadence, $rod, $into, $at): Outing {
            $known = Setup::query()->where('user_id', $this->user->id)->where('uuid', $uuid)->with('outing')->first();
            if ($known !== null) {
                return $known->outing;
            }
            if ($into !== null) {
                OpenOuting::demand($into, $at);
            }
            $rod = $this->rodFor($rod, $lureId);
            $lure = $lureId === null ? null : $this->lureOf($lureId, $at);
            if ($lure?->isLost() === true) {
                throw InvalidInput::because('lure', 'All of these are lost. Tie on another, or add more in the tackle box.');
            }
            if ($lure !== null) {
                $this->demandHole($lure, $hole);
            }
            $book = TodaysReadings::of($this->user);
            $outing = $into ?? $this->underWay() ?? NewOuting::begin($this->user, $uuid, $book);
            Setup::query()->create([
                'user_id' => $this->user->id, 'uuid' => $uuid, 'outing_id' => $outing->id, 'lure_id' => $lure?->id,
                'rod_id' => $rod?->id, 'spot_id' => $outing->spotIdAt($at), 'hole' => $lure === null ? null : $hole,
                'cadence' => $lure === null ? null : $cadence,
                'depth_m' => $book->si('depth') ?? 0.0, 'tied_at' => $at ?? Carbon::now(),
                ...self::counts($lure === null || $cadence === null ? null : $book->settings->cadences->of($cadence)),
            ]);
            if ($rod !== null && $rod->id !== $this->user->rod_id) {
                RodKeeper::of($this->user)->takeInHand($rod, $at);
            }

            return $outing;
        });
    }

    /**
     * What was tied on without a connection was in the box then, whatever was put away since.
     *
     * @throws InvalidInput
     */
    private function lureOf(int $id, ?Carbon $at): Lure
    {
        $lure = $this->user->lures()->find($id);

        return $lure !== null && ($lure->retired_at === null || ($at !== null && $at->lessThan($lure->retired_at))) ? $lure
            : throw InvalidInput::because('lure', 'That lure is no longer in your box. Pick another.');
    }

    /** Starts an outing with nothing on yet, unless one is under way; the same twice changes nothing. */
    public function start(string $uuid): Outing
    {
        return DB::transaction(
            fn (): Outing => $this->underWay() ?? NewOuting::begin($this->user, $uuid, TodaysReadings::of($this->user)),
        );
    }

    /** @return array<string, float> what a cadence is worked with, as columns */
    private static function counts(?Steps $steps): array
    {
        return $steps === null ? [] : ['lift_m' => $steps->liftM, 'lift_s' => $steps->liftSeconds, 'pause_s' => $steps->pauseSeconds];
    }

    /** @throws InvalidInput */
    private function rodFor(?string $uuid, ?int $lureId): ?Rod
    {
        $rod = $uuid === null ? $this->user->rodInHand() : $this->user->rods()->onBoard()->where('uuid', $uuid)->first()
            ?? throw InvalidInput::because('rod', 'That rod is off the boat. Choose another.');
        if ($lureId !== null && $rod?->still === true) {
            throw InvalidInput::because('rod', 'The {rod} stays out with other bait. Tie this on another rod.', rod: $rod->name);
        }
        if ($lureId === null && $rod?->still !== true) {
            throw InvalidInput::because('lure', 'Say which lure is tied on; only a still rod has other bait.');
        }

        return $rod;
    }

    /**
     * What something happened with: by its uuid, else what was on a rod then, else what is on the rod in hand; null while
     * nothing is.
     *
     * @param  string|null  $rod  uuid
     */
    public function fishedWith(Outing $outing, ?string $setup, ?string $rod = null, ?Carbon $at = null): ?Setup
    {
        $known = $setup === null ? null : $outing->setups()->where('uuid', $setup)->first();
        if ($known !== null && $known->spot_id !== $outing->spotIdAt($at)) {
            // It moved on since: the same is on that rod under another name.
            return self::onRodAt($outing, $known->rod_id, $at ?? Carbon::now()) ?? $known;
        }
        $rodId = $known !== null || $rod === null ? null : $this->user->rods()->where('uuid', $rod)->value('id');

        return $known ?? (is_int($rodId) ? self::onRodAt($outing, $rodId, $at ?? Carbon::now()) : null) ?? $this->setup($outing);
    }

    /** What was on a rod at a moment, else what was first on it; null where nothing was. */
    public static function onRodAt(Outing $outing, ?int $rodId, Carbon $at): ?Setup
    {
        $then = (new Setup)->fromDateTime($at);
        $onRod = static fn () => $outing->setups()->where('rod_id', $rodId);

        return $onRod()->where('tied_at', '<=', $then)->latest('tied_at')->latest('id')->first()
            ?? $onRod()->oldest('tied_at')->oldest('id')->first();
    }

    /**
     * @param  array<string, mixed>  $what  columns
     * @param  Setup|null  $setup  what it happened with; null for what is on the rod in hand
     * @param  Carbon|null  $at  when it was tapped; null for now
     *
     * @throws InvalidInput when the outing is over or nothing is tied on
     */
    public function log(Outing $outing, string $uuid, array $what, ?Setup $setup = null, ?Carbon $at = null): Event
    {
        return DB::transaction(function () use ($outing, $uuid, $what, $setup, $at): Event {
            $known = $this->user->events()->where('uuid', $uuid)->first();
            if ($known !== null) {
                return $known;
            }
            OpenOuting::demand($outing, $at);
            $setup ??= $this->setup($outing) ?? throw InvalidInput::because('outing', 'Tie a lure on first.');
            Caps::demandEvent($this->user->id, $outing->id);
            $depth = TodaysReadings::of($this->user)->si('depth') ?? $setup->depth_m;
            if ($setup->depth_m <= 0.0 && $depth > 0.0) {
                // Tied on before anybody had sounded there.
                $setup->update(['depth_m' => $depth]);
            }

            return Event::query()->create([
                'depth_m' => $depth,
                ...$what,
                'user_id' => $this->user->id, 'outing_id' => $outing->id, 'setup_id' => $setup->id,
            ]);
        });
    }

    /** Now, or when it was last heard of. */
    public function end(Outing $outing, bool $atLastTap = false): void
    {
        $this->endAt($outing, $atLastTap ? $this->lastTap($outing) : Carbon::now());
    }

    /** The same twice changes nothing. */
    public function endAt(Outing $outing, Carbon $at): void
    {
        $at = max($at, $outing->started_at);
        DB::transaction(function () use ($outing, $at): void {
            $ended = $this->user->outings()->underWay()->whereKey($outing->id)->update(['ended_at' => $at]);
            if ($ended > 0) {
                Pauses::of($this->user)->end($outing, $at);
                Moves::of($this->user)->settle($outing);
            }
        });
    }

    /** By the angler's own word: one that is over went on until then at least. */
    public function lasted(Outing $outing, ?Carbon $until): void
    {
        // To the second, as ends are kept.
        $until = $until?->copy()->addSecond()->startOfSecond();
        if ($until !== null && $until->lessThanOrEqualTo(Carbon::now()->addMinute())) {
            $this->user->outings()->whereKey($outing->id)->where('ended_at', '<', $until)->update(['ended_at' => $until]);
        }
    }

    public function lastTap(Outing $outing): Carbon
    {
        $tied = $outing->setups()->latest('tied_at')->first()?->tied_at;
        $tapped = $outing->events()->standing()->latest('at')->first()?->at;

        return max($outing->started_at, $tied ?? $outing->started_at, $tapped ?? $outing->started_at);
    }

    /** The last one to end, while it can still be gone on with; null while another is under way. */
    public function reopenable(): ?Outing
    {
        return $this->underWay() !== null
            ? null
            : $this->user->outings()->where('ended_at', '>', Carbon::now()->subHours(self::REOPEN_H))->latest('ended_at')->first();
    }

    /** @throws InvalidInput when another one is under way */
    public function reopen(Outing $outing): void
    {
        DB::transaction(function () use ($outing): void {
            if ($this->underWay()?->id === $outing->id) {
                return;
            }
            if ($this->underWay() !== null) {
                throw InvalidInput::because('outing', 'Another outing is under way. End it first.');
            }
            $outing->update(['ended_at' => null]);
        });
    }

    private function demandHole(Lure $lure, ?string $hole): void
    {
        $names = array_column($lure->holes, 'name');
        if ($hole === null ? $names !== [] : ! in_array($hole, $names, true)) {
            throw InvalidInput::because(
                'hole',
                $names === [] ? 'This lure has no line holes.' : Words::of(
                    'This lure has the holes {names}. Choose one of them.', names: implode(', ', $names),
                ),
            );
        }
    }
}
