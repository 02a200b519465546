<?php

declare(strict_types=1);

namespace App\Bites;

use App\Enums\BitePhase;
use App\Enums\EventKind;
use App\Models\Event;
use App\Models\Outing;
use App\Models\User;
use App\Record\Logbook;
use App\Record\LostLure;
use Eskith\Core\Record\BitePlace;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;

/** Writes taps down with what can be reckoned of them, and mends them later. */
final readonly class BiteLog
{
    /** Columns of every bite. */
    private const OF_ALL = ['came', 'depth_m', 'depth_computed'];

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
    public function log(Outing $outing, array $what, ?string $setup): Event
    {
        $logbook = Logbook::of($this->user);
        $tied = $logbook->fishedWith($outing, $setup);
        $place = $tied === null || ! $what['kind']->isBite() ? null : BiteReckoning::of($this->user, $tied)?->at($what['at']);

        return $logbook->log($outing, $what['uuid'], [...$what, ...self::reckoned($what['came'], $place)], $setup, $what['at']);
    }

    /**
     * Changes an event: what is given, and where it came where that is told by a count.
     *
     * @param  array<string, mixed>  $columns
     *
     * @throws InvalidInput for a count that the lure never falls through
     */
    public function amend(Event $event, array $columns, ?float $count): void
    {
        if ($count !== null) {
            $reckoning = BiteReckoning::of($this->user, $event->setup) ?? throw InvalidInput::because(
                'count', 'Its fall cannot be reckoned any more: the lure or the depth is gone. Say the depth instead.',
            );
            $place = $reckoning->counted($count);
            $columns = [...$columns, 'came' => BitePhase::FirstFall, 'depth_m' => $place->depthM, 'depth_computed' => true];
        }
        if (array_key_exists('lure_lost', $columns) && $event->kind?->canLoseLure() === true) {
            LostLure::settle($event, $columns['lure_lost'] === true);
        }
        unset($columns['lure_lost']);
        // Only a fish has a length, a hook and an end.
        $event->update(match (true) {
            $event->kind === EventKind::Fish => $columns,
            $event->kind?->isBite() === true => array_intersect_key($columns, array_flip(self::OF_ALL)),
            default => [],
        });
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
