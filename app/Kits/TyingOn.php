<?php

declare(strict_types=1);

namespace App\Kits;

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
            $setup->update(['rule_points' => $this->points([$setup->key()])[$setup->key()] ?? null]);
        }

        return $outing;
    }

    /**
     * What the rules give each, less what they give the first; those that are not among the picks are left out.
     *
     * @param  list<string>  $keys
     * @param  array<array-key, mixed>  $readings  of then; today's where there are none
     * @return array<string, float>
     */
    public function points(array $keys, array $readings = []): array
    {
        $rankedBox = Kits::ranked($this->user->refresh(), $readings);
        $byRules = static fn (Pick $pick): float => $pick->points - $pick->pointsBy(RecordRule::ID);
        $first = $rankedBox->ranked[0] ?? null;
        if ($first === null) {
            return [];
        }
        $points = [];
        foreach ($keys as $key) {
            $pick = $rankedBox->find($key);
            if ($pick !== null) {
                $points[$key] = $byRules($pick) - $byRules($first);
            }
        }

        return $points;
    }
}
