<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Cadence\LiftTrace;
use Eskith\Core\Units\InvalidInput;

/** Lifts felt by the device: how fast, how even, how alike. */
final class TraceVerb implements Verb
{
    /** Lifts in a case, and samples in a lift, that are taken. */
    private const MOST = 1_000;

    private const SAMPLES = 20_000;

    public function answer(Fields $case): array
    {
        $given = $case->items('lifts');
        if ($given === [] || count($given) > self::MOST) {
            throw InvalidInput::because($case->at('lifts'), "\"{$case->at('lifts')}\" must be a list of 1 to ".self::MOST.' lifts.');
        }
        $lifts = [];
        foreach ($given as $i => $samples) {
            $field = "{$case->at('lifts')}.{$i}";
            if (! is_array($samples) || ! array_is_list($samples) || count($samples) > self::SAMPLES) {
                throw InvalidInput::because($field, "\"{$field}\" must be a list of at most ".self::SAMPLES.' samples.');
            }
            $lifts[] = LiftTrace::of(
                array_map(static fn (mixed $sample): array => Fields::of(['sample' => $sample], $field)->pair('sample'), $samples), $field,
            );
        }

        return [
            'lifts' => array_map(static fn (LiftTrace $lift): array => [
                'duration_s' => $lift->durationS,
                'rise_m' => $lift->riseM,
                'mean_ms' => $lift->meanMs,
                'cv' => $lift->cv,
                'second_to_first' => $lift->secondToFirst,
                'spans' => $lift->spans,
            ], $lifts),
            'mean_ms' => LiftTrace::mean($lifts),
            'between_cv' => LiftTrace::betweenCv($lifts),
        ];
    }
}
