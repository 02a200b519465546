<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Casts\Moment;
use App\Models\User;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\CurrentSpot;
use Eskith\Telling\Kept\KeptFeed;
use Eskith\Telling\Kept\LineInUse;
use Illuminate\Database\Query\JoinClause;

/** What an angler has with them and around them, in one look: every answer asks for it. */
final readonly class Surroundings
{
    /** @param  KeptFeed|null  $feed  of the instruments, as far as it tells whether they are heard; null where none are connected */
    private function __construct(public LineInUse $line, public ?CurrentSpot $here, public ?KeptFeed $feed)
    {
    }

    /** The main line on the reel. */
    public static function line(User $user): LineInUse
    {
        $line = $user->lines()->onTheReel()->toBase()->first(['id', 'name', 'diameter_m']);

        return LineInUse::read($line->id ?? null, $line->name ?? null, $line->diameter_m ?? null);
    }

    /** @param  int|null  $spot  id of the spot where they are */
    public static function of(User $user, ?int $spot): self
    {
        $row = User::query()->toBase()->where('users.id', $user->id)
            ->leftJoin('lines', static fn (JoinClause $join) => $join->on('lines.user_id', 'users.id')->where('lines.in_use', true))
            ->leftJoin('spots', static fn (JoinClause $join) => $join->on('spots.user_id', 'users.id')->where('spots.id', $spot ?? 0))
            ->leftJoin('waters', 'waters.id', '=', 'spots.water_id')
            ->leftJoin('feeds', 'feeds.user_id', '=', 'users.id')
            ->first([
                'lines.id as line', 'lines.name as line_name', 'lines.diameter_m',
                'spots.name as spot', 'waters.name as water', 'waters.protected_fish', 'waters.local_rules',
                'feeds.id as feed', 'feeds.address', 'feeds.heard', 'feeds.dropped', 'feeds.seen_at',
            ]);

        // An account that was closed this moment has nothing around it.
        return $row === null ? new self(LineInUse::read(null, null, null), null, null) : new self(
            LineInUse::read($row->line, $row->line_name, $row->diameter_m),
            CurrentSpot::read($row->spot, $row->water, $row->protected_fish, $row->local_rules),
            $row->feed === null ? null : new KeptFeed(
                Coerce::text($row->address), Coerce::whole($row->heard), Coerce::whole($row->dropped), Moment::read($row->seen_at),
            ),
        );
    }
}
