<?php

declare(strict_types=1);

namespace App\Tackle;

/** When a lure's hooks were last changed or sharpened, by the day. */
final class HookDates
{
    /**
     * @param  array<string, mixed>|null  $hooks
     * @return string|null the day, or null when it was never said
     */
    public static function since(?array $hooks): ?string
    {
        $dates = array_filter([$hooks['changed'] ?? null, $hooks['sharpened'] ?? null], is_string(...));

        return $dates === [] ? null : max($dates);
    }

    /** What came up to this moment was before: the hooks are looked at when the day is over. */
    public static function until(string $day): string
    {
        return "{$day} 23:59:59.999";
    }
}
