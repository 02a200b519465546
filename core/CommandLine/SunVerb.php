<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Water\SunDay;

/** Sunrise, sunset and civil twilight of a local day. */
final class SunVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $day = SunDay::of($case->number('latitude'), $case->number('longitude'), $case->text('date'), $case->number('utc_offset_min'));

        return [
            'sunrise' => $day->sunrise, 'sunset' => $day->sunset, 'civil_dawn' => $day->civilDawn, 'civil_dusk' => $day->civilDusk,
        ];
    }
}
