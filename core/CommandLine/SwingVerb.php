<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Drop\Swing;

/** A cast let down on a tight line. */
final class SwingVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $body = DropCase::body($case);
        $swing = Swing::of($body, DropCase::attitude($case, $body), DropCase::stretch($case), $case->number('cast_m'));

        return ['lands_m' => $swing->landsM, 'pulled_in_m' => $swing->pulledInM, 'seconds' => $swing->seconds];
    }
}
