<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;

/** What a lure, its hole and its cadence each bring to a rule that is of all of them: points that are added up. */
interface Parts
{
    public function ofLure(Situation $situation, Lure $lure): float;

    /** @param  Hole|null  $hole  null for a lure without */
    public function ofHole(?Hole $hole): float;

    public function ofCadence(?Cadence $cadence): float;

    public function words(Situation $situation, Candidate $candidate): string;
}
