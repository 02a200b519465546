<?php

declare(strict_types=1);

namespace App\Presenters\Tackle;

use App\Data\Tackle\BenchData;
use App\Data\Tackle\RoleData;
use App\Models\Event;
use App\Models\Lure as LureRow;
use App\Models\User;
use App\Presenters\Pictures\PicturePresenter;
use App\Readings\TodaysReadings;
use App\Rows\Surroundings;
use App\Tackle\HookDates;
use App\Tackle\LureForm;
use Eskith\Core\Balance\Hang;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\HoleRoles;
use Eskith\Core\Choosing\HoleSchool;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\HookAdvice;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\PictureOf;
use Eskith\Telling\Kept\Measured;
use Eskith\Telling\Readings\ReadingBook;

/** Everything that follows from one lure's measures. */
final class BenchPresenter
{
    /** kg of a small snap. Estimate. */
    private const SNAP_KG = 0.0003;

    public function of(User $user, LureRow $row): BenchData
    {
        $book = TodaysReadings::of($user);
        $situation = $book->situation(Surroundings::line($user)->diameterM);
        $lure = $row->kept()->lure($book->measured);
        $hooks = $row->hooks ?? [];
        $since = HookDates::since($hooks);
        $worn = self::worn($user, $row, $since);

        return new BenchData(
            lure: (new LurePresenter($user))->one($row),
            fields: json_encode(LureForm::fields($row), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            roles: $this->roles($row, $lure, $situation, $book),
            balanceWords: self::balance($row, $book),
            connector: self::connector($lure, $situation),
            hookAdvice: HookAdvice::for(
                $lure, self::size($hooks['front'] ?? null), self::size($hooks['rear'] ?? null), $since !== null, $worn,
                ($situation->water->tempC ?? 99) <= 4.5, $situation->schools->factoryHooks,
            ),
            sinceHooks: $since === null
                ? Words::of('{worn} fish and snags on these hooks. When were they last changed or sharpened?', worn: $worn)
                : Words::of('{worn} fish and snags since {since}.', worn: $worn, since: $since),
            pictures: PicturePresenter::ofOne(PictureOf::Lure, $row->id),
        );
    }

    /** @return list<RoleData> one for each hole; one for a lure without */
    private function roles(LureRow $row, Lure $lure, Situation $situation, ReadingBook $book): array
    {
        $count = count($lure->holes);
        $readings = $book->measured->hangs($row->id);

        return array_map(function (?Hole $hole, int $index) use ($lure, $situation, $count, $readings): RoleData {
            $hang = Hang::ofLure($lure, $hole);
            $fall = $situation->columnIfStill === null
                ? null
                : Fall::of($lure->body, Falling::toTheBottom($situation, $lure, $hole, $hang), $situation->columnIfStill);
            $read = array_values(array_filter($readings, static fn (Measured $one): bool => $one->hole === $hole?->name))[0] ?? null;
            $words = static fn (HoleSchool $school): string => $hole === null
                ? '–'
                : (implode(', ', HoleRoles::of($school, $index, $count)) ?: '–');

            return new RoleData(
                hole: $hole->name ?? 'eye',
                hangDeg: $hang ?? 0.0,
                hangText: $hang === null ? '–' : $situation->say->angle($hang).($hang < 0 ? ' nose up' : ' nose down'),
                sinkText: $fall === null ? '–' : $situation->say->sinks($fall->sinkRateStartMs),
                secondsText: $fall === null ? '–' : $situation->say->seconds($fall->seconds),
                middleFirst: $words(HoleSchool::MiddleFirst),
                levelLift: $words(HoleSchool::LevelLift),
                reading: $read === null ? null : round($read->value).'°',
            );
        }, $lure->holes ?: [null], array_keys($lure->holes ?: [null]));
    }

    private static function balance(LureRow $row, ReadingBook $book): string
    {
        $have = count($book->measured->hangs($row->id));
        try {
            $fit = $book->measured->fit($row->id, $row->holes);

            return sprintf(
                'By %d hang readings the balance point is %.1f mm from the nose, %.1f mm up. They miss it by %.2f mm.',
                $have, $fit->balance->x, $fit->balance->y, $fit->rmsMm,
            );
        } catch (InvalidInput $notYet) {
            return $have > 0 ? $notYet->getMessage() : ($row->balance_x === null
                ? 'No balance point yet. Hang the lure from two holes and read the angles, or place the point.'
                : 'Balance point as placed. Hang readings would confirm it.');
        }
    }

    /** @return list<string> */
    private static function connector(Lure $lure, Situation $situation): array
    {
        $share = round(100 * (sqrt(1 + self::SNAP_KG / $lure->massKg) - 1), 1);

        return [
            'A ring or small snap hangs free in the hole. The hang angle stays the same.',
            Words::of(
                'With a small snap it sinks {share} % faster and wags more. Tied direct gives most control.', share: $share,
            ),
            ...($situation->column === null ? [] : ['A swivel only if the line twists.']),
        ];
    }

    private static function worn(User $user, LureRow $row, ?string $since): int
    {
        return Event::query()->where('user_id', $user->id)->standing()->whereIn('kind', [EventKind::Fish, EventKind::Snag])
            ->whereHas('setup', static fn ($setup) => $setup->where('lure_id', $row->id))
            ->when($since !== null, static fn ($query) => $query->where('at', '>', HookDates::until((string) $since)))->count();
    }

    private static function size(mixed $text): ?int
    {
        return is_string($text) && preg_match('/\d+/', $text, $found) === 1 ? (int) $found[0] : null;
    }
}
