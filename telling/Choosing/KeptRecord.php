<?php

declare(strict_types=1);

namespace Eskith\Telling\Choosing;

use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Record\Learning;

/** What an angler's record says of every fish, worked out before. */
final readonly class KeptRecord implements RecordSays
{
    /** Of what its lists are made. */
    public const LISTS = ['says' => KeptLearning::class];

    /** @param  list<KeptLearning>  $says */
    public function __construct(public array $says)
    {
    }

    public function of(string $species, TempBand $band): ?Learning
    {
        foreach ($this->says as $one) {
            if ($one->species === $species && $one->band === $band->value) {
                return new Learning($one->rate, $one->levels, $one->meanOuting);
            }
        }

        return null;
    }
}
