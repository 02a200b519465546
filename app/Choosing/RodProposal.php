<?php

declare(strict_types=1);

namespace App\Choosing;

use App\Models\Rod;
use App\Models\User;
use App\Record\Logbook;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\WorkedWhere;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\TiedOn;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;

/** A rod on board on which a pick can be tied, and what has to be changed there. */
final readonly class RodProposal
{
    /**
     * @param  list<string>|null  $changes  a word or two each; null where nothing is tied on yet
     * @param  int  $apart  0 for a rod that is worked as one fishes now and no other way, a casting rod for casts; 1 for one that
     *                      may be either; 2 for one that is worked the other way
     */
    private function __construct(public Rod $rod, public ?array $changes, private int $apart)
    {
    }

    /**
     * @return list<self> one that has it on already, then rods for the way one fishes, the fewest changes first; ties by the
     *                    rod in hand, then by the order in which rods came
     */
    public static function all(User $user, RankedBox $rankedBox, Pick $pick): array
    {
        $outing = $rankedBox->kit->day->outing === null ? null : $user->outings()->find($rankedBox->kit->day->outing);
        $tied = $outing === null ? [] : Logbook::of($user)->onTheRods($outing);
        $own = $user->rods()->onBoard()->where('still', false)->whereNull('owner')->get();
        $vertical = $rankedBox->situation->vertical();
        $proposals = array_map(static function (Rod $rod) use ($tied, $pick, $vertical): self {
            $setup = $tied[$rod->id] ?? null;
            $lure = $setup?->lure === null ? null : $setup->lure->kept()->soundLure();

            return new self(
                $rod,
                $setup === null || $lure === null
                    ? null
                    : (new TiedOn($lure, $setup->hole, $setup->cadence))->changes($pick->candidate),
                $lure === null ? 1 : self::apart($setup->cadence, $lure, $vertical),
            );
        }, $own->all());
        // What is bare has everything to be tied.
        $cost = static fn (self $one): int => $one->changes === null ? 4 : count($one->changes);
        $place = static fn (self $one): array => [
            $cost($one) > 0, $one->apart, $cost($one), $one->rod->id !== $user->rod_id, $one->rod->id,
        ];
        usort($proposals, static fn (self $a, self $b): int => $place($a) <=> $place($b));

        return $proposals;
    }

    private static function apart(?Cadence $cadence, Lure $lure, bool $vertical): int
    {
        $can = static fn (bool $down): bool => $cadence !== null && (
            $cadence->fits($lure, new WorkedWhere($down)) || $cadence->fits($lure, new WorkedWhere($down, false))
        );

        return match ([$can($vertical), $can(! $vertical)]) {
            [true, false] => 0,
            [false, true] => 2,
            default => 1,
        };
    }

    /** Whether the pick is on it already. */
    public function isOn(): bool
    {
        return $this->changes === [];
    }

    public function words(): string
    {
        return match ($this->changes) {
            null => 'nothing is on it yet',
            [] => 'already tied on',
            default => Words::of('change {changes}', changes: Words::list($this->changes)),
        };
    }
}
