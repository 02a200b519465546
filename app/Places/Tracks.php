<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Outing;
use App\Models\TrackPart;
use App\Models\User;
use Eskith\Core\Formats\FixText;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\BoatTrack;
use Eskith\Core\Water\Frame;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Where the boat went in an outing, as a phone told it: kept as few places as say it. */
final readonly class Tracks
{
    /** Parts of one outing: of ten minutes each, a day and a night and more. */
    private const PARTS = 200;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * The same twice changes nothing.
     *
     * @param  string  $fixes  as FixText writes them, s since $from
     *
     * @throws InvalidInput when they cannot be read, or the angler has too many
     */
    public function keep(Outing $outing, string $uuid, Carbon $from, string $fixes): void
    {
        $told = FixText::read($fixes);
        $frame = Frame::of($told[0][1], $told[0][2]);
        $track = BoatTrack::thinned(array_map(
            static fn (array $fix): array => [$fix[0], $frame->position($fix[1], $fix[2])], $told,
        ));
        DB::transaction(function () use ($outing, $uuid, $from, $frame, $track): void {
            if (TrackPart::query()->where('user_id', $this->user->id)->where('uuid', $uuid)->exists()) {
                return;
            }
            if (TrackPart::query()->where('outing_id', $outing->id)->count() >= self::PARTS) {
                throw InvalidInput::because('fixes', 'An outing keeps {most} parts of a track. Start another.', most: self::PARTS);
            }
            TrackPart::query()->create([
                'user_id' => $this->user->id, 'outing_id' => $outing->id, 'uuid' => $uuid, 'from_at' => $from,
                'fixes' => FixText::write(array_map(
                    static fn (array $point): array => [$point[0], ...$frame->degrees($point[1])], $track->points,
                )),
            ]);
        });
    }

    /** @return list<array{float, float, float}> s since 1970, latitude and longitude, rising; what cannot be read is left out */
    public static function degrees(Outing $outing): array
    {
        $all = [];
        foreach (TrackPart::query()->where('outing_id', $outing->id)->orderBy('from_at')->orderBy('id')
            ->limit(self::PARTS)->get() as $part) {
            $from = self::second($part->from_at);
            try {
                foreach (FixText::read($part->fixes) as [$second, $latitude, $longitude]) {
                    $all[] = [$from + $second, $latitude, $longitude];
                }
            } catch (InvalidInput) {
                // The rest of the way is shown.
            }
        }
        usort($all, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $rising = [];
        foreach ($all as $fix) {
            if ($rising === [] || $fix[0] > $rising[count($rising) - 1][0]) {
                $rising[] = $fix;
            }
        }

        return $rising;
    }

    /** In metres round a water; null where no phone told where the boat went there. */
    public static function on(Outing $outing, Frame $frame): ?BoatTrack
    {
        return self::round(self::degrees($outing), $frame);
    }

    /** @param  list<array{float, float, float}>  $degrees  as degrees() gives them, for who looks at one outing from several waters */
    public static function round(array $degrees, Frame $frame): ?BoatTrack
    {
        $points = array_map(
            static fn (array $fix): array => [$fix[0], $frame->position($fix[1], $fix[2])],
            array_values(array_filter($degrees, static fn (array $fix): bool => $frame->reaches($fix[1], $fix[2]))),
        );

        return $points === [] ? null : BoatTrack::kept($points);
    }

    /** s since 1970 */
    public static function second(Carbon $at): float
    {
        return $at->getTimestampMs() / 1000;
    }
}
