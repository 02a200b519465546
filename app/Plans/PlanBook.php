<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\User;
use App\Record\Logbook;
use App\Rows\LastWriterWins;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\PlanKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps plans, and what of them is made. */
final readonly class PlanBook
{
    /** Plans that stand at once. */
    private const MOST = 20;

    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * With the outing under way; the same id again changes nothing.
     *
     * @param  array<string, string>  $fields
     *
     * @throws InvalidInput when too many stand
     */
    public function keep(string $uuid, PlanKind $kind, string $name, array $fields): void
    {
        DB::transaction(function () use ($uuid, $kind, $name, $fields): void {
            if ($this->user->plans()->where('uuid', $uuid)->exists()) {
                return;
            }
            if ($this->user->plans()->standing()->count() >= self::MOST) {
                throw InvalidInput::because('name', 'There are {most} plans already. Put one away first.', most: self::MOST);
            }
            $this->user->plans()->create([
                'uuid' => $uuid, 'outing_id' => Logbook::of($this->user)->underWay()?->id, 'kind' => $kind, 'name' => $name,
                'fields' => $fields, 'made' => [],
            ]);
        });
    }

    /** Ticks one off, or on again; the time is that of the tap. */
    public function make(Plan $plan, int $number, bool $made, ?Carbon $at = null): void
    {
        DB::transaction(static function () use ($plan, $number, $made, $at): void {
            $plan->refresh();
            $at ??= Carbon::now();
            $told = LastWriterWins::before($plan->told)->with((string) $number, $at);
            if ($told === null) {
                return;
            }
            $all = $plan->made;
            if ($made) {
                $all[$number] ??= $at->toIso8601String();
            } else {
                unset($all[$number]);
            }
            ksort($all);
            $plan->update(['made' => $all, 'told' => $told->at]);
        });
    }

    /** What worked of it: "outside, from deep to shallow". */
    public function worked(Plan $plan, ?string $words): void
    {
        $plan->update(['worked' => $words]);
    }

    public function putAway(Plan $plan): void
    {
        $plan->update(['put_away_at' => $plan->put_away_at ?? Carbon::now()]);
    }
}
