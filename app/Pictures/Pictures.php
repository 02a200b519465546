<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Database\Caps;
use App\Models\Event;
use App\Models\Outing;
use App\Models\Picture;
use App\Models\User;
use Eskith\Core\Formats\Jpeg;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\PictureOf;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Pictures of fish, lures and places: kept bare of what a camera wrote beside them, seen by their angler and, of a fish, by the crew. */
final readonly class Pictures
{
    /** Pictures of one thing. */
    public const OF_ONE = 12;

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
     * @param  int  $id  of what it belongs to, which is the angler's
     *
     * @throws InvalidInput when it is no picture, or there are too many
     */
    public function keep(PictureOf $of, int $id, string $uuid, Carbon $at, string $file): void
    {
        $jpeg = Jpeg::read($file);
        DB::transaction(function () use ($of, $id, $uuid, $at, $jpeg): void {
            if (Picture::query()->where('user_id', $this->user->id)->where('uuid', $uuid)->exists()) {
                return;
            }
            if (Picture::query()->where($of->link(), $id)->count() >= self::OF_ONE) {
                throw InvalidInput::because(
                    'picture', 'A {of} has up to {most} pictures. Take one away first.', of: $of->word(), most: self::OF_ONE,
                );
            }
            Caps::demandPicture($this->user->id, strlen($jpeg->bytes));
            $picture = Picture::query()->create([
                'user_id' => $this->user->id, $of->link() => $id, 'uuid' => $uuid, 'width' => $jpeg->width,
                'height' => $jpeg->height, 'size' => strlen($jpeg->bytes), 'at' => $at,
            ]);
            PictureFile::write($picture->id, $jpeg->bytes);
        });
    }

    /** @return list<Picture> of one thing, the oldest first */
    public static function ofOne(PictureOf $of, int $id): array
    {
        return array_values(Picture::query()->where($of->link(), $id)->orderBy('at')->orderBy('id')->get()->all());
    }

    /**
     * @param  list<int>  $outings
     * @return list<Picture> of what was logged in them, the oldest first
     */
    public static function ofOutings(array $outings): array
    {
        return array_values(Picture::query()->whereIn('event_id', Event::query()->select('id')->whereIn('outing_id', $outings))
            ->orderBy('at')->orderBy('id')->get()->all());
    }

    /** One's own, or of a fish that one of the crew landed; null where there is none to see. */
    public function seen(string $uuid): ?Picture
    {
        return Picture::query()->where('user_id', $this->user->id)->where('uuid', $uuid)->first()
            ?? Picture::query()->where('uuid', $uuid)->whereIn('event_id', $this->ofCrews())->first();
    }

    /** @return Builder<Event> what stands in outings that are shared with this angler */
    private function ofCrews(): Builder
    {
        $crews = $this->user->outings()->whereNotNull('crew_id')->select('crew_id');

        return Event::query()->standing()->select('id')->whereIn(
            'outing_id', Outing::query()->select('id')->whereNull('deleted_at')->whereIn('crew_id', $crews),
        );
    }

    public function takeAway(string $uuid): void
    {
        Picture::query()->where('user_id', $this->user->id)->where('uuid', $uuid)->delete();
    }
}
