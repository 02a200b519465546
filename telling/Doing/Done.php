<?php

declare(strict_types=1);

namespace Eskith\Telling\Doing;

use Eskith\Telling\Kit;

/** What was done on a device and the server does not have yet. */
final class Done
{
    /**
     * What is known once all of it was done, in its order. What cannot be read changes nothing: the server will say so.
     *
     * @param  array<array-key, mixed>  $actions  each as it is sent, with the `outing` it is done to
     */
    public static function over(Kit $kit, array $actions): Kit
    {
        foreach (array_filter($actions, is_array(...)) as $fields) {
            $what = is_string($fields['do'] ?? null) ? OfflineAction::tryFrom($fields['do']) : null;
            $at = Action::read($fields['at'] ?? $fields['said'] ?? null);
            $kit = $what === null || $at === null ? $kit : $what->after($kit, new Action($fields, $at));
        }

        return $kit;
    }
}
