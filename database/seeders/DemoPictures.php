<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Event;
use App\Models\User;
use App\Pictures\Pictures;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\PictureOf;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** Pictures of the demo, painted for it: of the last fish of two kinds that were landed, and of a spot. */
final class DemoPictures
{
    /** File of a picture by the fish it shows, and the one of the first spot. */
    private const FISH = ['walleye' => 'walleye', 'smallmouth' => 'smallmouth'];

    private const SPOT = 'bar';

    public static function lay(User $angler): void
    {
        foreach (self::FISH as $species => $file) {
            $fish = Event::query()->standing()->where('user_id', $angler->id)->where('kind', EventKind::Fish)
                ->where('landed', true)->where('species', $species)->latest('at')->first();
            if ($fish !== null) {
                self::one($angler, PictureOf::Fish, $fish->id, $fish->at, $file);
            }
        }
        $spot = $angler->spots()->orderBy('id')->first();
        if ($spot !== null) {
            self::one($angler, PictureOf::Place, $spot->id, Carbon::now()->subMonth(), self::SPOT);
        }
    }

    private static function one(User $angler, PictureOf $of, int $id, Carbon $at, string $file): void
    {
        Pictures::of($angler)->keep(
            $of, $id, (string) Str::uuid(), $at, (string) file_get_contents(__DIR__."/pictures/{$file}.jpg"),
        );
    }
}
