<?php

declare(strict_types=1);

namespace App\Presenters\Plans;

use Eskith\Core\Choosing\Falling;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\SingleDrop;

/** How a tide past poles is fished: away, drop at the feet and feed; toward, cast beyond; too strong, say so. */
final class TideWords
{
    /**
     * @return array{sentence: string, steps: list<string>}
     *
     * @throws InvalidInput while depth or current was not read
     */
    public static function of(SingleDrop $drop, bool $away): array
    {
        $column = $drop->situation->column ?? throw InvalidInput::because(
            'runs', 'Read the depth and the current first. How far it drifts depends on both.',
        );
        $say = $drop->situation->say;
        $candidate = $drop->candidate();
        $fall = Fall::of(
            $drop->lure->body, Falling::toTheBottom($drop->situation, $drop->lure, $candidate->hole(), $candidate->hangAngleDeg), $column,
        );
        $line = RestingLine::of($drop->lure->body, $column);
        $carried = $say->depth(abs($fall->driftM()));
        if (! $line->holds) {
            return [
                'sentence' => 'This tide is too strong: nothing this light stays down',
                'steps' => ['Wait for the slack, go heavier, or fish behind a pole where the water stands.'],
            ];
        }
        $leans = abs($line->lineAngleDeg ?? 0.0) > Constants::VERTICAL_LIMIT_DEG
            ? Words::of(
                'The line leans {angle} then. Keep it off the shells at the foot of the poles.',
                angle: $say->angle(abs($line->lineAngleDeg ?? 0.0)),
            )
            : 'The line stays near straight down. Keep off the shells at the foot of the poles.';

        return $away
            ? [
                'sentence' => Words::of(
                    'The tide runs away: drop at your feet and feed {carried} of line as it sinks', carried: $carried,
                ),
                'steps' => ['Bail open until it is down, then centimetre hops.', $leans],
            ]
            : [
                'sentence' => Words::of('The tide runs to you: cast {carried} beyond the poles and let it sink back', carried: $carried),
                'steps' => ['Take in slack all the way, then centimetre hops.', $leans],
            ];
    }
}
