<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\Rates;

/** The share of touches landed. */
final class LandedVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $share = Rates::share($case->whole('landed'), $case->whole('touches'));

        return ['mean' => $share->mean, 'q10' => $share->q10, 'q90' => $share->q90];
    }
}
