<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

use Eskith\Telling\Data\Lure\PickData;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Data\Rig\RigInShortData;
use Eskith\Telling\Data\Water\ElsewhereData;

/** The outing under way. */
final readonly class OutingData
{
    /**
     * @param  string  $asOf  when this was so
     * @param  list<EventData>  $events  newest first
     * @param  list<FishChoiceData>  $species
     * @param  list<PadData>  $pads  the small ones
     * @param  string  $counts  of the cadence: "up quick, down 1, wait 2"
     * @param  string  $pace  touches in half an hour, and fish
     * @param  TieableData|null  $worked  what was touched last and is not on any more
     * @param  string|null  $forgotten  when it was last heard of, where that is long ago
     * @param  list<RodOnBoardData>  $rods  on board
     * @param  list<EventData>  $takenBack  what was taken back in the last minutes, the last first
     * @param  int  $drift  its number; 0 where drifts are not counted
     * @param  TallyData  $tally  of the rod in hand: what is shown of it follows from it and from the events
     * @param  list<OptionData>  $markPads  what can be marked with one tap; empty at no spot of one's own
     * @param  list<MarkedData>  $marks  of this outing, the newest first
     * @param  int|null  $spot  where it is
     * @param  list<HeldData>  $held  where a hook can hold a fish
     * @param  list<ElsewhereData>  $elsewhere  what was read elsewhere and is not known here
     * @param  string|null  $setup  what is on the rod in hand; null while nothing is
     */
    public function __construct(
        public string $uuid,
        public string $asOf,
        public string $place,
        public string $startedAt,
        public string $title,
        public string $subtitle,
        public string $water,
        public ?string $setup,
        public string $counts,
        public string $pace,
        public ?TieableData $worked,
        public ?float $minutesPerDrop,
        public array $events,
        public array $species,
        public string $sought,
        public string $lengthUnit,
        public ?PickData $pick,
        public ?RigInShortData $rig,
        public ?string $move,
        public ?string $forgotten,
        public array $pads,
        public array $rods,
        public array $takenBack,
        public TallyData $tally,
        public ?PauseData $pause,
        public SkyData $sky,
        public ?CrewData $crew,
        public int $drift,
        public string $note,
        public ?string $endedAt,
        public array $markPads,
        public array $marks,
        public ?int $waterId,
        public ?int $spot,
        public array $elsewhere,
        public array $held,
    ) {
    }
}
