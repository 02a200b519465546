<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Record\Learning;
use Eskith\Core\Record\LearningSample;
use Eskith\Core\Record\Level;

/** What the record says beside the rules. */
final class LearnVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $learning = Learning::of(array_map(static function (Fields $row): LearningSample {
            $levels = [];
            foreach (Learning::FACTORS as $factor) {
                if ($row->has($factor)) {
                    $levels[$factor] = $row->text($factor);
                }
            }

            return new LearningSample(
                outing: $row->text('outing'),
                levels: $levels,
                points: $row->number('points'),
                hours: $row->number('hours'),
                touches: $row->number('touches'),
                weight: $row->number('weight', 1.0),
            );
        }, $case->objects('rows')));

        return [
            'rate' => $learning->rate,
            'levels' => array_map(static fn (Level $level): array => [
                'factor' => $level->factor, 'level' => $level->level, 'multiplier' => $level->multiplier, 'low' => $level->low,
                'high' => $level->high, 'points' => $level->points,
            ], $learning->levels),
        ];
    }
}
