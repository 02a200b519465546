<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Care\FishWeight;
use Eskith\Core\Care\WeighedFish;

/** The weight of a fish from its length, an estimate. */
final class WeighVerb implements Verb
{
    public function answer(Fields $case): array
    {
        return ['weight_kg' => FishWeight::kg($case->one(WeighedFish::class, 'species'), $case->number('length_m'))];
    }
}
