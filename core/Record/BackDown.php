<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** Whether it paid to be back down at once after a fish: how often another bite followed, by how long that took. */
final readonly class BackDown
{
    /** s up to which a bite after the next drop counts as having followed. */
    public const BITE_WITHIN_S = 300.0;

    /** s: half a minute or less, up to two minutes, longer. */
    private const UP_TO_S = [30.0, 120.0, INF];

    /** Fish that a class needs before it says anything, and classes that do. */
    private const FISH = 8;

    private const CLASSES = 2;

    /** @param  list<array{upToS: float, share: Rates, followed: int, of: int}>  $classes  the quickest first, those that say something */
    private function __construct(public array $classes)
    {
    }

    /**
     * @param  list<array{float, bool}>  $fish  of each: s from its end to the next drop, and whether a bite followed
     * @return self|null null while there is too little of it
     */
    public static function of(array $fish): ?self
    {
        $classes = [];
        $from = -1.0;
        foreach (self::UP_TO_S as $upTo) {
            $of = array_filter($fish, static fn (array $one): bool => $one[0] > $from && $one[0] <= $upTo);
            $followed = count(array_filter(array_column($of, 1)));
            if (count($of) >= self::FISH) {
                $share = Rates::share($followed, count($of));
                $classes[] = ['upToS' => $upTo, 'share' => $share, 'followed' => $followed, 'of' => count($of)];
            }
            $from = $upTo;
        }

        return count($classes) < self::CLASSES ? null : new self($classes);
    }
}
