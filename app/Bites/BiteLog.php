<?php

declare(strict_types=1);

namespace App\Bites;

use App\Models\Event;
use App\Models\Outing;
use App\Models\User;
use App\Record\Logbook;
use App\Record\LostLure;
use App\Record\Pauses;
use App\Record\SameBite;
use App\Rows\LastWriterWins;
use Eskith\Core\Record\BitePlace;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\BitePhase;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Writes taps down with what can be reckoned of them, and mends them later. */
final readonly class BiteLog
{
    /** Columns of every event. */
    private const OF_ALL = ['at', 'setup_id', 'note'];

    /** Columns of every bite. */
    private const OF_BITES = ['came', 'depth_m', 'depth_computed'];

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * @param  array{kind: EventKind, came: BitePhase|null, at: Carbon, uuid: string, ...}  $what  columns
     *
     * @throws InvalidInput when the outing is over or nothing is tied on
     */
    public function log(Outing $outing, array $what, ?string $setup, ?string $rod = null): Event
    {
        $logbook = Logbook::of($this->user);
        $tied = $logbook->fishedWith($outing, $setup, $rod, $what['at']);
        $place = $tied === null || ! $what['kind']->isBite() ? null : BiteReckoning::of($this->user, $tied)?->at($what['at']);

        $event = $logbook->log($outing, $what['uuid'], [...$what, ...self::reckoned($what['came'], $place)], $tied, $what['at']);
        if ($event->wasRecentlyCreated) {
            SameBite::settle($event);
        }
        Pauses::of($this->user)->fishedAgain($outing, $event->setup->rod_id, $event->at);

        return $event;
    }

    /**
     * Changes an event: what is given, and where it came where that is told by a count.
     *
     * @param  array<string, mixed>  $columns
     * @param  Carbon|null  $said  when it was said; null for now
     *
     * @throws InvalidInput for a count that the lure never falls through
     */
    public function amend(Event $event, array $columns, ?float $count, ?Carbon $said = null): void
    {
        DB::transaction(fn () => $this->mend($event->refresh(), $columns, $count, $said ?? Carbon::now()));
    }

    /**
     * @param  array<string, mixed>  $columns
     *
     * @throws InvalidInput
     */
    private function mend(Event $event, array $columns, ?float $count, Carbon $said): void
    {
        if ($count !== null) {
            $reckoning = BiteReckoning::of($this->user, $event->setup) ?? throw InvalidInput::because(
                'count', "Its fall can't be worked out: the lure or the depth is gone. Give the depth instead.",
            );
            $place = $reckoning->counted($count);
            $columns = [...$columns, 'came' => BitePhase::FirstFall, 'depth_m' => $place->depthM, 'depth_computed' => true];
        }
        [$columns, $told] = self::newest($event, $columns, $said);
        if (array_key_exists('lure_lost', $columns) && $event->kind?->canLoseLure() === true) {
            LostLure::settle($event, $columns['lure_lost'] === true);
        }
        unset($columns['lure_lost']);
        if (($columns['at'] ?? null) instanceof Carbon) {
            self::demandWithin($event->outing, $columns['at']);
            $columns['setup_id'] = Logbook::onRodAt($event->outing, $event->setup->rod_id, $columns['at'])->id ?? $event->setup_id;
        }
        // Only a fish has a length, a hook and an end.
        $event->update(['told' => $told->at, ...match (true) {
            $event->kind === EventKind::Fish => $columns,
            $event->kind?->isBite() === true => array_intersect_key($columns, array_flip([...self::OF_ALL, ...self::OF_BITES])),
            $event->kind === EventKind::Foul => array_intersect_key($columns, array_flip([...self::OF_ALL, 'flew'])),
            default => array_intersect_key($columns, array_flip(self::OF_ALL)),
        }]);
    }

    /** @throws InvalidInput for a time at which that outing was not */
    private static function demandWithin(Outing $outing, Carbon $at): void
    {
        if ($at->lessThan($outing->started_at->copy()->subDay()) || $at->greaterThan($outing->ended_at ?? Carbon::now()->addHour())) {
            throw InvalidInput::because('at', 'That time lies outside of the outing. Choose one within it.');
        }
    }

    /**
     * What nobody has said otherwise later.
     *
     * @param  array<string, mixed>  $columns
     * @return array{array<string, mixed>, LastWriterWins}
     */
    private static function newest(Event $event, array $columns, Carbon $said): array
    {
        $told = LastWriterWins::before($event->told);
        foreach (array_keys($columns) as $column) {
            $later = $told->with($column, $said);
            if ($later === null) {
                unset($columns[$column]);
            }
            $told = $later ?? $told;
        }

        return [$columns, $told];
    }

    /**
     * What the drop before says: a bite that came later than the fall was at the bottom, or within the lift above it.
     *
     * @return array<string, mixed> columns
     */
    private static function reckoned(?BitePhase $came, ?BitePlace $place): array
    {
        if ($place === null) {
            return [];
        }
        $falling = $place->falling && ($came === null || $came === BitePhase::FirstFall || $came === BitePhase::Fall);

        return [
            'came' => $came ?? ($falling ? BitePhase::FirstFall : null),
            ...($falling || ! $place->falling ? ['depth_m' => $place->depthM, 'depth_computed' => true] : []),
        ];
    }
}
