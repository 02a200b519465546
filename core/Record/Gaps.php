<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** Bites come in groups: how long it lasts from one group to the next, and how long one stayed after the last. */
final readonly class Gaps
{
    /** min within which a touch belongs to the group before it. */
    private const GROUP_MIN = 15.0;

    /** @param  int  $count  gaps between groups that were seen */
    private function __construct(public int $count, public float $usualMin, public float $longMin, public float $stayedMin)
    {
    }

    /**
     * @param  list<array{list<float>, float}>  $outings  touches in order and the end, minutes
     * @return self|null null where no group was followed by another
     */
    public static function of(array $outings): ?self
    {
        $gaps = [];
        $stayed = [];
        foreach ($outings as [$touches, $end]) {
            foreach (array_slice($touches, 1) as $i => $at) {
                if ($at - $touches[$i] > self::GROUP_MIN) {
                    $gaps[] = $at - $touches[$i];
                }
            }
            if ($touches !== []) {
                $stayed[] = max(0.0, $end - $touches[count($touches) - 1]);
            }
        }
        if ($gaps === [] || $stayed === []) {
            return null;
        }

        return new self(count($gaps), self::share($gaps, 0.5), self::share($gaps, 0.8), self::share($stayed, 0.5));
    }

    /** @param  non-empty-list<float>  $values */
    private static function share(array $values, float $share): float
    {
        sort($values);

        return $values[(int) floor($share * (count($values) - 1))];
    }
}
