<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\Preferences;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Settings\OwnCadences;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** A lift that was made in practice became the angler's own. */
final class OwnCadenceTap extends KeepCadence implements ActsOnDay
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'cadence' => ['required', Rule::enum(Cadence::class)], 'at' => self::moment()];
    }

    /** @throws InvalidInput when no lift is like that */
    public function actOnDay(): void
    {
        $at = ($this->date('at') ?? Carbon::now())->min(Carbon::now());
        Preferences::change($this->angler(), fn (array $set): array => [
            ...$set, OwnCadences::KEY => OwnCadences::of($set)->with(
                Cadence::from($this->word('cadence')), ...$this->numbers(), units: $this->angler()->settings()->units, at: $at,
            ),
        ]);
    }
}
