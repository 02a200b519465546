<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What each school uses a hole for, as the rules H1 and H3 have it. */
final class HoleRoles
{
    /**
     * @param  int  $index  from the nose
     * @param  int  $count  holes of the lure
     * @return list<string> uses, empty when the school leaves the hole alone
     */
    public static function of(HoleSchool $school, int $index, int $count): array
    {
        $front = $index === 0;
        $back = $index === $count - 1;

        return $school === HoleSchool::MiddleFirst
            ? [
                ...($count <= 2 || (! $front && ! $back) ? ['vertical', 'unsure'] : []),
                ...($front ? ['cast and search'] : []),
                ...($back ? ['hop along the bottom'] : []),
            ]
            : [
                ...($front ? ['vertical'] : []),
                ...($back ? ['cast and search'] : []),
                ...(! $front && ! $back ? ['when the others are refused'] : []),
            ];
    }
}
