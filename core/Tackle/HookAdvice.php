<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\Constants;
use Eskith\Core\Words\Words;

/** What the usual practice says about a lure's hooks. Sizes count down as hooks grow: 8 is smaller than 6. */
final class HookAdvice
{
    /**
     * @param  int|null  $front  hook sizes; null where none is known
     * @param  int  $worn  fish and snags since the hooks were changed or sharpened
     * @param  FactoryHooks  $school  of hooks that nobody has looked at since they came
     * @return list<string>
     */
    public static function for(
        Lure $lure, ?int $front, ?int $rear, bool $looked, int $worn, bool $cold, FactoryHooks $school = FactoryHooks::Replaced,
    ): array {
        return [
            self::usual($lure),
            ...(
                $front !== null && $rear !== null && $front < $rear ? [
                    Words::of(
                        'The front hook ({front}) is larger than the rear ({rear}). Put the smaller in front: it fouls less.',
                        front: $front,
                        rear: $rear,
                    ),
                ] : []
            ),
            ...($lure->isVibe() && min($front ?? 99, $rear ?? 99) < 14 ? ['For bream no hook larger than 14.'] : []),
            ...(
                $lure->family === Family::Spoon && $cold
                    ? ['In the coldest water put a feather on the treble. Try a single stinger at the head.']
                    : []
            ),
            ...($looked ? [] : [$school->says(), $school->other()->inShort()]),
            ...($worn >= Upkeep::HOOKS_WORN ? [Words::of(
                '{worn} fish and snags since: sharpen or change them before the next outing.', worn: $worn,
            )] : []),
        ];
    }

    /** Sizes by weight, family and fish; the belly hook of a blade often one smaller than the rear. */
    public static function usual(Lure $lure): string
    {
        $ounces = $lure->massKg / Constants::OUNCE_KG;

        $definition = $lure->family->definition();

        return $lure->isVibe()
            ? 'Usual: trebles of size 14 or smaller for bream; small assists snag less.'
            : Words::of('Usual: {hooks}.', hooks: str_replace('{size}', $definition->hookSizes[self::bySize($ounces)], $definition->hooks));
    }

    /** Which of three sizes. */
    private static function bySize(float $ounces): int
    {
        return $ounces < 7 / 16 ? 0 : ($ounces <= 9 / 16 ? 1 : 2);
    }
}
