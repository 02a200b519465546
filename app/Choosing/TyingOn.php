<?php

declare(strict_types=1);

namespace App\Choosing;

use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Record\Logbook;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Record\RecordRule;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;

/** Ties on, and keeps what the rules thought of it then: the record is judged against that later. */
final readonly class TyingOn
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /** @throws InvalidInput as Logbook::tieOn() */
    public function tie(
        string $uuid, ?int $lureId, ?string $hole, ?Cadence $cadence, ?string $rod = null, ?Outing $into = null, ?Carbon $at = null,
    ): Outing {
        $outing = Logbook::of($this->user)->tieOn($uuid, $lureId, $hole, $cadence, $rod, $into, $at);
        $setup = Setup::query()->where('user_id', $this->user->id)->where('uuid', $uuid)->whereNull('rule_points')->first();
        if ($setup !== null && $lureId !== null) {
            $setup->update(['rule_points' => $this->points($setup->key())]);
        }

        return $outing;
    }

    /** What the rules give it, less what they give the first; null where it is not among today's. */
    private function points(string $key): ?float
    {
        $rankedBox = RankedBox::today($this->user->refresh());
        $byRules = static fn (Pick $pick): float => $pick->points - $pick->pointsBy(RecordRule::ID);
        $pick = $rankedBox->find($key);
        $first = $rankedBox->ranked[0] ?? null;

        return $pick === null || $first === null ? null : $byRules($pick) - $byRules($first);
    }
}
