<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Setup;
use Eskith\Core\Cadence\Cadence;
use Eskith\Telling\Kept\Coerce;
use stdClass;

/** What is tied on a rod: the lure, its hole and how it is worked; no lure where it is other bait. */
final readonly class OnTheRod
{
    private function __construct(public ?int $lure, public ?string $hole, public ?Cadence $cadence)
    {
    }

    public static function setup(Setup $setup): self
    {
        return new self($setup->lure_id, $setup->hole, $setup->cadence);
    }

    /** @param  stdClass  $row  columns of a setup */
    public static function row(stdClass $row): self
    {
        return new self(
            $row->lure_id === null ? null : Coerce::whole($row->lure_id), $row->hole === null ? null : Coerce::text($row->hole),
            Cadence::tryFrom(Coerce::text($row->cadence)),
        );
    }
}
