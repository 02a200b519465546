<?php

declare(strict_types=1);

namespace App\Choosing;

use App\Models\Line as LineRow;
use App\Models\Rod;
use App\Models\User;
use App\Rows\RodReader;
use App\Tackle\RodKeeper;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Rigged\RigReport;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Rig\Hooks;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Readings\ReadingBook;

/** The rod in hand as it is rigged. */
final readonly class RigAtHand
{
    private function __construct(public User $user, public ?Rod $rod, public ?LineRow $line, public RodReader $read)
    {
    }

    public static function of(User $user): self
    {
        $rod = $user->rodInHand();
        $line = $user->lines()->onTheReel()->first();

        return new self($user, $rod, $line, RodReader::of($rod, $line));
    }

    /** With a lure on it. */
    public function report(KeptLure $lure, Situation $situation, Candidate $candidate, ReadingBook $book): RigReport
    {
        return new RigReport(
            situation: $situation,
            candidate: $candidate,
            rig: $this->read->rig,
            hooks: self::hooks($lure),
            airC: $book->si('air'),
            worn: RodKeeper::worn($this->user, $this->rod),
            startFactor: $book->measured->start($lure->id(), $candidate->hole()?->name),
        );
    }

    private static function hooks(KeptLure $lure): Hooks
    {
        [$hooks, $build] = [$lure->group('hooks'), $lure->group('build')];
        $sizes = array_map(static fn (string $at): mixed => $hooks[$at] ?? null, ['front', 'rear']);

        return new Hooks(
            front: is_int($sizes[0]) ? $sizes[0] : null,
            rear: is_int($sizes[1]) ? $sizes[1] : null,
            loops: match ($hooks['attach'] ?? '') {
                'loop' => true,
                'ring' => false,
                default => null,
            },
            stinger: ($build['stinger'] ?? null) === true,
            twoEnded: ($build['drilled'] ?? null) === true,
            weedless: ($build['weedless'] ?? null) === true,
        );
    }
}
