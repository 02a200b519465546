<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Drop\Fall;

/** A fall straight down, with the line behind it. */
final class FallVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $body = DropCase::body($case);
        $fall = Fall::of($body, DropCase::attitude($case, $body), DropCase::stretch($case), $case->number('control', 0.0));

        return ['sink_rate_start_ms' => $fall->sinkRateStartMs, 'seconds' => $fall->seconds, 'drift_m' => $fall->driftM()];
    }
}
