<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Mark;
use App\Models\Outing;
use App\Models\User;
use App\Models\Water;
use App\Readings\ReadingKeeper;
use App\Readings\TodaysReadings;
use App\Rows\Placing;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Marks: what was where. */
final readonly class Marks
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * Marks where the phone was as it was pressed, or the boat was at that moment; where neither is known, the spot of the outing,
     * and says so. The same twice changes nothing.
     *
     * @throws InvalidInput when none of them is known
     */
    public function here(Outing $outing, string $uuid, MarkKind $kind, Carbon $at, ?PhoneFix $phone = null): void
    {
        $spot = $outing->spotAt($at);
        if ($spot === null) {
            throw InvalidInput::because('mark', 'This outing is at no spot of yours. Go to one on Water, then mark it.');
        }
        $pressed = $phone?->isSure() === true ? $phone->on($spot->water) : null;
        $fix = $pressed === null ? Fix::on($this->user, $spot->water, $at) : null;
        $place = $pressed ?? $fix->at ?? Placing::spot($spot)
            ?? throw InvalidInput::because(
                'mark', '{spot} is not on the chart yet, and nothing says where you are. Place it under Places.',
                spot: $spot->name,
            );
        $this->keep($spot->water, $uuid, $kind, $place, [
            'outing_id' => $outing->id, 'about' => $pressed === null && $fix === null, 'at' => $at,
            'accuracy_m' => $pressed === null ? null : $phone->accuracyM,
            'depth_m' => $fix->depthM ?? TodaysReadings::of($this->user)->si('depth'),
        ]);
    }

    /**
     * @param  array<string, mixed>  $more  columns
     *
     * @throws InvalidInput when the water is full of them
     */
    public function keep(Water $water, string $uuid, MarkKind $kind, Position $at, array $more): void
    {
        DB::transaction(function () use ($water, $uuid, $kind, $at, $more): void {
            if ($this->user->marks()->where('uuid', $uuid)->exists()) {
                return;
            }
            $water->marks()->create([
                'user_id' => $this->user->id, 'uuid' => $uuid, 'kind' => $kind, 'east_m' => $at->east, 'north_m' => $at->north,
                'at' => Carbon::now(), ...$more,
            ]);
        });
    }

    /**
     * Fishes it: what is known of it is read.
     *
     * @throws InvalidInput when nothing is known of it, or it cannot be with what else is read
     */
    public function fish(Mark $mark): void
    {
        $known = array_filter([
            'depth' => $mark->depth_m === null ? null : $this->user->settings()->units->depth->print(max(0.3, min(150.0, $mark->depth_m))),
            'bottom' => $mark->bottom?->value,
        ], static fn (?string $text): bool => $text !== null);
        if ($known === []) {
            throw InvalidInput::because('depth', 'Neither depth nor bottom of this mark is known. Add one first.');
        }
        ReadingKeeper::of($this->user)->keepPossible($known);
    }

    /** @param  \Closure(Mark): array<string, mixed>  $columns  of it as it is kept now */
    public function change(Mark $mark, \Closure $columns): void
    {
        DB::transaction(static fn () => $mark->update($columns($mark->refresh())));
    }

    public function remove(Mark $mark): void
    {
        $mark->delete();
    }
}
