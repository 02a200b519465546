<?php

declare(strict_types=1);

namespace Eskith\Telling\Rig;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Rigged\RigReport;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Rig\Hooks;
use Eskith\Telling\Kept\AtHand;
use Eskith\Telling\Kept\KeptLine;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Readings\ReadingBook;

/** The rod in hand as it is rigged. */
final readonly class RigAtHand
{
    /** @param  KeptLine|null  $line  on its reel; null where none was entered */
    private function __construct(private AtHand $hand, public ?KeptLine $line, public RodRead $read)
    {
    }

    public static function of(AtHand $hand): self
    {
        $line = array_values(array_filter($hand->lines(), static fn (KeptLine $one): bool => $one->inUse))[0] ?? null;

        return new self($hand, $line, RodRead::of($hand->rod(), $line));
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
            worn: $this->hand->worn(),
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
