<?php

declare(strict_types=1);

namespace App\Places;

use App\Database\Caps;
use App\Models\Edge;
use App\Models\Mark;
use App\Models\Spot;
use App\Models\Survey;
use App\Models\User;
use App\Models\Water;
use App\Models\WaterShare;
use App\Record\JoinedMeanwhile;
use App\Record\ShareCode;
use App\Rows\GroundReader;
use App\Rows\Placing;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Waters made, changed, joined, shared and taken away with what hangs on them. */
final readonly class WaterBook
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * A water of that name; one that is there stays as it is.
     *
     * @param  array<string, mixed>  $columns
     *
     * @throws InvalidInput when there are too many
     */
    public function make(string $name, array $columns): Water
    {
        return DB::transaction(function () use ($name, $columns): Water {
            $there = $this->user->waters()->where('name', $name)->first();

            return $there ?? $this->user->waters()->create(['name' => $name, ...$columns]);
        });
    }

    /**
     * @param  \Closure(Water): array<string, mixed>  $changes  columns, of it as it is kept now
     *
     * @throws InvalidInput when another is called so
     */
    public function change(Water $water, \Closure $changes): void
    {
        DB::transaction(function () use ($water, $changes): void {
            $columns = $changes($water->refresh());
            if ($this->user->waters()->where('name', $columns['name'] ?? '')->whereKeyNot($water->id)->exists()) {
                throw InvalidInput::because('name', 'Another of your waters is called that. Join them, or choose another name.');
            }
            $water->update($columns);
        });
    }

    /** How it stands above or below its zero, as it was read now; null takes that away. */
    public function level(Water $water, ?float $metres, ?string $text): void
    {
        $water->update(['level_m' => $metres, 'level_text' => $text, 'level_at' => $metres === null ? null : Carbon::now()]);
    }

    /** @param  array<string, mixed>|null  $tide  mean, epoch and waves; null for none */
    public function tide(Water $water, ?array $tide): void
    {
        $water->update(['tide' => $tide]);
    }

    /**
     * Makes two waters one: all that hangs on the first goes to the second, at the same places of the earth.
     *
     * @throws InvalidInput for one and the same
     * @throws JoinedMeanwhile when one of them is gone
     */
    public function join(Water $gone, Water $into): void
    {
        if ($gone->is($into)) {
            throw InvalidInput::because('into', 'That is the same water. Choose the other one.');
        }
        DB::transaction(function () use ($gone, $into): void {
            $both = $this->user->waters()->whereKey([$gone->id, $into->id])->get()->keyBy('id');
            [$gone, $into] = [$both->get($gone->id), $both->get($into->id)];
            if ($gone === null || $into === null) {
                throw JoinedMeanwhile::told();
            }
            foreach (['spots', 'marks', 'edges', 'surveys'] as $table) {
                Caps::demandInWater($into->id, $table, $gone->{$table}()->count(), 'into');
            }
            Caps::demandSoundings($this->user->id, $into->id, GroundReader::rows($gone)->count());
            [$dx, $dy] = $this->shift($gone, $into);
            foreach ($gone->spots()->get() as $spot) {
                $spot->update(['water_id' => $into->id, 'name' => $this->freeName($into, $spot->name), ...self::moved($spot, $dx, $dy)]);
            }
            foreach ($gone->marks()->get() as $mark) {
                $mark->update(['water_id' => $into->id, 'east_m' => $mark->east_m + $dx, 'north_m' => $mark->north_m + $dy]);
            }
            foreach ($gone->edges()->get() as $edge) {
                $edge->update(['water_id' => $into->id, 'points' => array_map(
                    static fn (Position $at): array => [$at->east + $dx, $at->north + $dy], Placing::line($edge->points),
                )]);
            }
            DB::table('soundings')->whereIn('survey_id', $gone->surveys()->pluck('id'))
                ->update(['east_m' => DB::raw('east_m + '.sprintf('%.6F', $dx)), 'north_m' => DB::raw('north_m + '.sprintf('%.6F', $dy))]);
            $gone->surveys()->update(['water_id' => $into->id]);
            $taken = $into->cardRules()->pluck('species')->all();
            $gone->cardRules()->whereNotIn('species', $taken)->update(['water_id' => $into->id]);
            $into->update(array_filter([
                'local_rules' => $into->local_rules === '' ? $gone->local_rules : null,
                'protected_fish' => $into->protected_fish === '' ? $gone->protected_fish : null,
                'latitude' => $into->latitude ?? $gone->latitude, 'longitude' => $into->longitude ?? $gone->longitude,
                'tide' => $into->tide ?? $gone->tide,
            ], static fn (mixed $value): bool => $value !== null));
            $into->increment('ground');
            $gone->delete();
            WaterChart::forget($gone->id);
        });
    }

    /** With its spots, marks, lines and soundings; outings stay, under the name of the place they had. */
    public function delete(Water $water): void
    {
        DB::transaction(static fn () => $water->delete());
        WaterChart::forget($water->id);
    }

    /** Lets others of this server take a copy, by a code; the same twice keeps the code. */
    public function share(Water $water): string
    {
        return DB::transaction(fn (): string => WaterShare::query()->firstOrCreate(
            ['water_id' => $water->id], ['user_id' => $this->user->id, 'code' => ShareCode::new()],
        )->code);
    }

    public function unshare(Water $water): void
    {
        WaterShare::query()->where('water_id', $water->id)->delete();
    }

    /**
     * A copy of what another shares: spots, lines, soundings, snags and bottom; where they caught fish, when they were there and
     * what their files are called stays theirs.
     *
     * @throws InvalidInput when nothing is shared by that code
     */
    public function copy(string $code): Water
    {
        return DB::transaction(function () use ($code): Water {
            $share = WaterShare::query()->where('code', ShareCode::plain($code))->first()
                ?? throw InvalidInput::because('code', 'No water is shared by that code. Check it, or ask for a new one.');
            $theirs = $share->water;
            if ($theirs->user_id === $this->user->id) {
                return $theirs;
            }
            $mine = Water::query()->create([
                ...self::columns($theirs, ['id', 'user_id', 'name', 'local_rules', 'protected_fish', 'ground', 'created_at', 'updated_at']),
                'user_id' => $this->user->id, 'name' => $this->freeWater($theirs->name), 'ground' => 1,
            ]);
            Caps::demand($this->user->id, 'soundings', GroundReader::rows($theirs)->count(), 'code');
            $this->copyAll($theirs, $mine);

            return $mine;
        });
    }

    private function copyAll(Water $theirs, Water $mine): void
    {
        $own = ['user_id' => $this->user->id, 'water_id' => $mine->id];
        foreach ($theirs->spots()->get() as $spot) {
            Spot::query()->create([...self::columns($spot, ['id', 'user_id', 'water_id', 'created_at', 'updated_at']), ...$own]);
        }
        foreach ($theirs->edges()->get() as $edge) {
            Edge::query()->create(
                [...self::columns($edge, ['id', 'user_id', 'water_id', 'uuid']), ...$own, 'uuid' => (string) Str::uuid()]
            );
        }
        foreach ($theirs->marks()->get() as $mark) {
            if ($mark->kind?->isFish() === false) {
                Mark::query()->create([
                    ...self::columns($mark, ['id', 'user_id', 'water_id', 'uuid', 'outing_id', 'side', 'direction', 'note', 'at']), ...$own,
                    'uuid' => (string) Str::uuid(), 'at' => Carbon::now(),
                ]);
            }
        }
        foreach ($theirs->surveys()->whereNotNull('until_at')->get() as $survey) {
            $copy = Survey::query()->create([
                ...self::columns($survey, ['id', 'user_id', 'water_id', 'uuid', 'name', 'from_at', 'until_at', 'seconds']), ...$own,
                'uuid' => (string) Str::uuid(), 'name' => 'Shared soundings', 'from_at' => Carbon::now(), 'until_at' => Carbon::now(),
            ]);
            DB::table('soundings')->insertUsing(
                ['user_id', 'survey_id', 'east_m', 'north_m', 'depth_m'],
                DB::table('soundings')->where('survey_id', $survey->id)->orderBy('id')
                    ->selectRaw('?, ?, east_m, north_m, depth_m', [$this->user->id, $copy->id]),
            );
        }
    }

    /**
     * @param  list<string>  $without
     * @return array<string, mixed>
     */
    private static function columns(Model $row, array $without): array
    {
        return array_diff_key($row->attributesToArray(), array_flip($without));
    }

    /** @return array{float, float} m that places of one are moved by to be places of the other; nothing where either is only sketched */
    private function shift(Water $gone, Water $into): array
    {
        [$from, $to] = [Placing::frame($gone), Placing::frame($into)];

        return $from === null || $to === null ? [0.0, 0.0] : $to->position($from->latitude, $from->longitude)->pair();
    }

    /** @return array<string, float> */
    private static function moved(Spot $spot, float $dx, float $dy): array
    {
        $at = Placing::spot($spot)?->plus($dx, $dy);

        return $at === null ? [] : ['east_m' => $at->east, 'north_m' => $at->north];
    }

    private function freeName(Water $water, string $name): string
    {
        $names = $water->spots()->pluck('name')->all();

        return self::free($name, $names);
    }

    private function freeWater(string $name): string
    {
        return self::free($name, $this->user->waters()->pluck('name')->all());
    }

    /** @param  array<array-key, mixed>  $taken */
    private static function free(string $name, array $taken): string
    {
        for ($n = 2; in_array($name, $taken, true); $n++) {
            $name = preg_replace('/ \(\d+\)$/', '', $name)." ({$n})";
        }

        return $name;
    }
}
