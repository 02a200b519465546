<?php

declare(strict_types=1);

namespace App\Kits;

use App\Models\User;
use App\Rows\OutingSummary;
use App\Rows\SeasonFilter;
use App\Rows\SeasonReader;
use Eskith\Core\Record\Holdout;
use Eskith\Core\Record\Learning;
use Eskith\Core\Record\LearningSample;
use Eskith\Core\Record\Rates;
use Eskith\Telling\Kept\Coerce;

/** Whether rules or record deserve trust: each past outing chosen with what was known before it. */
final readonly class Trust
{
    /** Outings that are gone through: the latest. */
    private const OUTINGS = 60;

    /** Outings before each that are learned from: of a longer record the latest. */
    private const LEARNED_FROM = 400;

    private function __construct(public Holdout $rules, public Holdout $record)
    {
    }

    public static function of(User $user): self
    {
        $trust = RecordCache::of($user, 'trust', [self::class, Holdout::class, Rates::class], static fn (): self => self::anew($user));

        return $trust instanceof self ? $trust : self::anew($user);
    }

    private static function anew(User $user): self
    {
        $reader = SeasonReader::of($user, SeasonFilter::none(), past: true);
        $byOuting = [];
        foreach ($reader->fishing() as [$row, $fishing]) {
            $byOuting[$fishing->outing][] = [$row, $fishing];
        }
        [$byRules, $byRecord] = [[], []];
        foreach (array_slice($reader->outings(), -self::OUTINGS) as $outing) {
            $known = self::before($outing, $reader->outings(), $byOuting);
            $points = self::points($known === [] ? null : Learning::of($known));
            [$rules, $record] = [[], []];
            foreach ($byOuting[$outing->key] ?? [] as [$row, $fishing]) {
                $given = Coerce::number($row->rule_points);
                $learned = $points(Learned::row($row, $fishing, $outing->species, 1.0));
                $rules[] = [$given, $fishing->hours, (float) $fishing->touches];
                $record[] = [$given + $learned, $fishing->hours, (float) $fishing->touches];
            }
            $byRules[] = $rules;
            $byRecord[] = $record;
        }

        return new self(Holdout::of($byRules), Holdout::of($byRecord));
    }

    /**
     * @param  array<string, OutingSummary>  $outings  oldest first
     * @param  array<string, list<array{\stdClass, \Eskith\Core\Record\SetupResult}>>  $byOuting
     * @return list<LearningSample> what was known before an outing of its fish, as far as its water was about as warm
     */
    private static function before(OutingSummary $outing, array $outings, array $byOuting): array
    {
        $known = [];
        $before = array_filter($outings, static fn (OutingSummary $other): bool => $other->start < $outing->start);
        foreach (array_slice($before, -self::LEARNED_FROM) as $other) {
            $apart = $other->band() === null || $outing->band() === null ? 9 : abs($other->band()->value - $outing->band()->value);
            $weight = [0 => 1.0, 1 => 0.5][$apart] ?? 0.0;
            if ($other->species === $outing->species && $weight > 0.0) {
                foreach ($byOuting[$other->key] ?? [] as [$row, $fishing]) {
                    $known[] = Learned::row($row, $fishing, $outing->species, $weight);
                }
            }
        }

        return $known;
    }

    /** @return \Closure(LearningSample): float */
    private static function points(?Learning $learning): \Closure
    {
        $points = [];
        foreach ($learning->levels ?? [] as $level) {
            $points[$level->factor][$level->level] = $level->points;
        }

        return static function (LearningSample $row) use ($points): float {
            $sum = 0.0;
            foreach ($row->levels as $factor => $level) {
                $sum += $points[$factor][$level] ?? 0.0;
            }

            return max(-4.0, min(4.0, $sum));
        };
    }
}
