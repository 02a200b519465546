<?php

declare(strict_types=1);

namespace App\Choosing;

use App\Models\Rod;
use App\Record\Logbook;
use App\Rows\LureReader;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\TiedOn;

/** A rod on board on which a pick can be tied, and what has to be changed there. */
final readonly class RodProposal
{
    /** @param  list<string>|null  $changes  a word or two each; null where nothing is tied on yet */
    private function __construct(public Rod $rod, public ?array $changes)
    {
    }

    /** @return list<self> the fewest changes first; ties by the rod in hand, then by the order in which rods came */
    public static function all(RankedBox $rankedBox, Pick $pick): array
    {
        $user = $rankedBox->user;
        $tied = $rankedBox->outing === null ? [] : Logbook::of($user)->onTheRods($rankedBox->outing);
        $own = $user->rods()->onBoard()->where('still', false)->whereNull('owner')->get();
        $proposals = array_map(static function (Rod $rod) use ($tied, $pick): self {
            $setup = $tied[$rod->id] ?? null;
            $lure = $setup?->lure === null ? null : LureReader::soundLure($setup->lure);

            return new self(
                $rod,
                $setup === null || $lure === null
                    ? null
                    : (new TiedOn($lure, $setup->hole, $setup->cadence))->changes($pick->candidate),
            );
        }, $own->all());
        // What is bare has everything to be tied.
        $cost = static fn (self $one): int => $one->changes === null ? 4 : count($one->changes);
        usort($proposals, static fn (self $a, self $b): int => [$cost($a), $a->rod->id !== $user->rod_id, $a->rod->id]
            <=> [$cost($b), $b->rod->id !== $user->rod_id, $b->rod->id]);

        return $proposals;
    }

    public function words(): string
    {
        return match ($this->changes) {
            null => 'nothing is on it yet',
            [] => 'it is on already',
            default => 'change '.self::and($this->changes),
        };
    }

    /** @param  non-empty-list<string>  $words */
    private static function and(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? $last : implode(', ', $words)." and {$last}";
    }
}
