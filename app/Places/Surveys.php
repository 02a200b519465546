<?php

declare(strict_types=1);

namespace App\Places;

use App\Database\Caps;
use App\Models\Sounding;
use App\Models\Survey as SurveyRow;
use App\Models\User;
use App\Models\Water;
use App\Rows\TideAndLight;
use Eskith\Core\Formats\Track;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Survey;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\SurveySource;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Soundings that come all at once: by hand, or from a track. */
final readonly class Surveys
{
    /** Rows of one insert. */
    private const AT_ONCE = 400;

    /** By hand, at once. */
    public const BY_HAND = 200;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * Takes a track in; the same again, by its id, changes nothing.
     *
     * @param  bool  $metres  whether it counts metres north and east in place of degrees
     * @param  bool  $reduced  whether its depths are below the water's zero already
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when nothing of it is a depth, or the water has no place for it
     */
    public function take(Water $water, string $uuid, Track $track, bool $metres, string $name, bool $reduced = false): string
    {
        [$east, $north] = [$track->longitudes, $track->latitudes];
        if (! $metres) {
            [$east, $north] = $this->placed($water, $track);
        }
        $survey = $reduced
            ? Survey::asTheyAre($east, $north, $track->depths)
            : Survey::of($east, $north, $track->depths, self::levels($water, $track));
        $times = array_filter($track->times, is_finite(...));
        $from = $times === [] ? Carbon::now() : Carbon::createFromTimestampUTC((int) min($times));

        return DB::transaction(function () use ($water, $uuid, $survey, $from, $name): string {
            if ($this->user->surveys()->where('uuid', $uuid)->exists()) {
                return 'These soundings are there already.';
            }
            Caps::demandSoundings($this->user->id, $water->id, count($survey->soundings));
            $row = $water->surveys()->create([
                'user_id' => $this->user->id, 'uuid' => $uuid, 'name' => mb_substr($name, 0, 80) ?: 'A track',
                'source' => SurveySource::File,
                'from_at' => $from, 'until_at' => Carbon::now(),
                'brought' => $survey->brought, 'spikes' => $survey->spikes,
            ]);
            $this->keep($row, $survey->soundings);

            return self::told($survey);
        });
    }

    /**
     * Soundings by hand, with a lead or off a paper.
     *
     * @param  list<array{float, float, float}>  $soundings  m east, m north, m deep as read now
     *
     * @throws InvalidInput when there is no room for them
     */
    public function byHand(Water $water, string $uuid, array $soundings): void
    {
        $level = TideAndLight::overWater($water)->levelM(Carbon::now());
        DB::transaction(function () use ($water, $uuid, $soundings, $level): void {
            if ($this->user->surveys()->where('uuid', $uuid)->exists()) {
                return;
            }
            Caps::demandSoundings($this->user->id, $water->id, count($soundings));
            $row = $water->surveys()->create([
                'user_id' => $this->user->id, 'uuid' => $uuid, 'name' => Words::of('By hand, {now}', now: Carbon::now()->format('j M Y')),
                'source' => SurveySource::Hand, 'from_at' => Carbon::now(), 'until_at' => Carbon::now(), 'brought' => count($soundings),
            ]);
            $this->keep($row, array_map(static fn (array $one): array => [$one[0], $one[1], $one[2] - $level], $soundings));
        });
    }

    public function remove(SurveyRow $row): void
    {
        DB::transaction(static function () use ($row): void {
            $row->water->increment('ground');
            $row->delete();
        });
    }

    /** @param  list<array{float, float, float}>  $soundings  reduced */
    public function keep(SurveyRow $row, array $soundings): void
    {
        foreach (array_chunk($soundings, self::AT_ONCE) as $some) {
            Sounding::query()->insert(array_map(static fn (array $one): array => [
                'user_id' => $row->user_id, 'survey_id' => $row->id, 'east_m' => round($one[0], 3), 'north_m' => round($one[1], 3),
                'depth_m' => round($one[2], 3),
            ], $some));
        }
        Water::query()->whereKey($row->water_id)->increment('ground');
    }

    /** @return list<float>|float m that the water stood above its zero: at each point where there is a tide, else as it was read last */
    private static function levels(Water $water, Track $track): array|float
    {
        $sky = TideAndLight::overWater($water);
        $still = $sky->levelM(Carbon::now());

        return $sky->tide() === null ? $still : array_map(
            static fn (float $time): float => is_finite($time) ? $sky->levelM(Carbon::createFromTimestampUTC((int) $time)) : $still,
            $track->times,
        );
    }

    /**
     * @return array{list<float>, list<float>} m east and north of each
     *
     * @throws InvalidInput when it lies elsewhere
     */
    private function placed(Water $water, Track $track): array
    {
        $frame = Anchor::frame($water, $track->latitudes[0] ?? 0.0, $track->longitudes[0] ?? 0.0)
            ?? throw InvalidInput::because(
                'file', '{water} has no position yet. Set one under Change this water, then choose the file again.',
                water: $water->name,
            );
        [$east, $north, $away] = [[], [], 0];
        foreach ($track->latitudes as $i => $latitude) {
            $at = $frame->position($latitude, $track->longitudes[$i]);
            $far = hypot($at->east, $at->north) > Frame::FARTHEST_M;
            $away += (int) $far;
            $east[] = $far ? NAN : $at->east;
            $north[] = $far ? NAN : $at->north;
        }
        if ($away === $track->count()) {
            throw InvalidInput::because(
                'file', 'All of that track lies over 100 km from {water}. Choose its own water.', water: $water->name,
            );
        }

        return [$east, $north];
    }

    private static function told(Survey $survey): string
    {
        $kept = number_format(count($survey->soundings));
        $out = array_filter([
            $survey->spikes > 0 ? Words::of('{spikes} spikes left out', spikes: number_format($survey->spikes)) : '',
            $survey->unknown > 0 ? Words::of('{unknown} without a depth or a place', unknown: number_format($survey->unknown)) : '',
        ]);

        $brought = number_format($survey->brought);

        return $out === []
            ? Words::of('{kept} soundings from {brought} points.', kept: $kept, brought: $brought)
            : Words::of('{kept} soundings from {brought} points, {out}.', kept: $kept, brought: $brought, out: implode(', ', $out));
    }
}
