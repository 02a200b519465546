<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Casts\Moment;
use App\Models\Sounding;
use App\Models\Survey as SurveyRow;
use App\Models\User;
use App\Models\Water;
use App\Rows\TideAndLight;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Survey;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\SurveySource;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Soundings as the instruments say them, from when recording begins until it ends. */
final readonly class Recording
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** What is being recorded; null while nothing is. */
    public function running(): ?SurveyRow
    {
        return $this->user->surveys()->whereNull('until_at')->latest('id')->first();
    }

    /** Records from now on what the instruments say; what was recorded before ends. The same twice changes nothing. */
    public function begin(Water $water, string $uuid): void
    {
        DB::transaction(function () use ($water, $uuid): void {
            if ($this->user->surveys()->where('uuid', $uuid)->exists()) {
                return;
            }
            $this->end();
            $water->surveys()->create([
                'user_id' => $this->user->id, 'uuid' => $uuid, 'name' => Words::of('Recorded {now}', now: Carbon::now()->format('j M Y')),
                'source' => SurveySource::Instruments, 'from_at' => Carbon::now(),
            ]);
        });
    }

    /** A depth at a place, as the instruments say both; kept while something is being recorded. */
    public function hear(float $latitude, float $longitude, float $depthM, Carbon $at): void
    {
        // Looked at within, so that nothing raw comes into a survey that has just been ended.
        DB::transaction(function () use ($latitude, $longitude, $depthM, $at): void {
            $row = $this->running();
            if ($row !== null && $row->brought < Survey::BROUGHT) {
                $this->note($row, $latitude, $longitude, $depthM, $at);
            }
        });
    }

    private function note(SurveyRow $row, float $latitude, float $longitude, float $depthM, Carbon $at): void
    {
        $frame = Anchor::frame($row->water, $latitude, $longitude);
        if ($frame?->reaches($latitude, $longitude) !== true) {
            return;
        }
        $place = $frame->position($latitude, $longitude);
        Sounding::query()->create([
            'user_id' => $this->user->id, 'survey_id' => $row->id, 'east_m' => $place->east, 'north_m' => $place->north,
            'depth_m' => $depthM, 'at' => $at,
        ]);
        SurveyRow::query()->whereKey($row->id)->increment('brought');
    }

    /** Ends the recording: spikes go, depths are reduced by the level, and it is thinned. Nothing heard is nothing kept. */
    public function end(): ?SurveyRow
    {
        return DB::transaction(function (): ?SurveyRow {
            $row = $this->running();
            if ($row === null) {
                return null;
            }
            $heard = $row->soundings()->toBase()->orderBy('at')->orderBy('id')->get(['east_m', 'north_m', 'depth_m', 'at']);
            $times = $heard->map(static fn (stdClass $one): Carbon => Moment::read($one->at) ?? Carbon::now());
            $sky = TideAndLight::overWater($row->water);
            $levels = $times->map(static fn (Carbon $at): float => $sky->levelM($at))->all();
            try {
                $survey = Survey::of(self::column($heard->pluck('east_m')->all()), self::column($heard->pluck('north_m')->all()),
                    self::column($heard->pluck('depth_m')->all()), array_values($levels));
            } catch (InvalidInput) {
                $row->delete();

                return null;
            }
            $row->soundings()->delete();
            $row->update([
                'until_at' => Carbon::now(), 'spikes' => $survey->spikes, 'brought' => $heard->count(),
                'seconds' => (int) $times->first()?->diffInSeconds($times->last()),
            ]);
            Surveys::of($this->user)->keep($row, $survey->soundings);

            return $row;
        });
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return list<float>
     */
    private static function column(array $values): array
    {
        return array_values(array_map(Coerce::number(...), $values));
    }
}
