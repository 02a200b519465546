<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\Constants;

/** What the usual practice says about a lure's hooks. Sizes count down as hooks grow: 8 is smaller than 6. */
final class HookAdvice
{
    /** Fish or snags after which hooks are looked at. Estimate. */
    private const WORN = 15;

    /**
     * @param  int|null  $front  hook sizes; null where none is known
     * @param  int  $worn  fish and snags since the hooks were changed or sharpened
     * @return list<string>
     */
    public static function for(Lure $lure, ?int $front, ?int $rear, bool $looked, int $worn, bool $cold): array
    {
        return [
            self::usual($lure),
            ...($front !== null && $rear !== null && $front < $rear ? ["The front hook is larger than the rear one ({$front} and {$rear}): put the smaller in front, so that it fouls less."] : []),
            ...($lure->isVibe() && min($front ?? 99, $rear ?? 99) < 14 ? ['For bream no hook larger than 14; small assists snag less.'] : []),
            ...($lure->family === Family::Spoon && $cold ? ['In the coldest water dress the treble with a feather, and try a single stinger at the head.'] : []),
            ...(! $looked ? ['Factory hooks: touch each point to a nail; one that slides is dull. Many sharpen or replace them at once.'] : []),
            ...($worn >= self::WORN ? ["{$worn} fish and snags since: sharpen or change them before the next outing."] : []),
        ];
    }

    private static function usual(Lure $lure): string
    {
        $ounces = $lure->massKg / Constants::OUNCE_KG;

        return match (true) {
            $lure->isVibe() => 'Usual: trebles of size 14 or smaller.',
            $lure->family === Family::Spoon => 'Usual: one wide-gap treble of size 4.',
            $lure->family === Family::BladedSpoon => 'Usual: one treble, size '.($ounces < 0.5 ? '6.' : '5.'),
            $lure->family === Family::TailSpinner => 'Usual: one treble below; see that it cannot catch the blade.',
            $ounces < 0.44 => 'Usual: front 10, rear 8.',
            $ounces < 0.57 => 'Usual: front 8, rear 6.',
            default => 'Usual: front 6, rear 4.',
        };
    }
}
