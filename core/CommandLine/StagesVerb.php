<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\Rates;

/** Shares from touch to hook to boat, and of drops fouled, with 80 % intervals. */
final class StagesVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $touches = $case->whole('touches');
        $hooked = $case->whole('hooked');
        $shares = ['hooked' => Rates::share($hooked, $touches), 'landed' => Rates::share($case->whole('landed'), $hooked)];
        if ($case->has('drops')) {
            $shares['fouled'] = Rates::share($case->whole('fouls'), $case->whole('drops'));
        }

        return array_map(static fn (Rates $share): array => ['mean' => $share->mean, 'q10' => $share->q10, 'q90' => $share->q90], $shares);
    }
}
