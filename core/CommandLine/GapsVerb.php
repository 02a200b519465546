<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\Gaps;

/** How long it lasts from one group of touches to the next; nulls where no group was followed by another. */
final class GapsVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $gaps = Gaps::of(array_map(static function (Fields $outing): array {
            $touches = array_map(
                static fn (mixed $at): float => Fields::of(['touches_min' => $at])->number('touches_min'), $outing->items('touches_min'),
            );
            sort($touches);

            return [$touches, $outing->number('end_min')];
        }, $case->objects('outings')));

        return [
            'gaps' => $gaps->count ?? 0, 'usual_min' => $gaps?->usualMin, 'long_min' => $gaps?->longMin, 'stayed_min' => $gaps?->stayedMin,
        ];
    }
}
