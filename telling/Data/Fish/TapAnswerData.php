<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

use Eskith\Telling\Enums\TapsGo;

/** What became of taps. A device lets go only of what is named here, in this form: whatever else may have answered. */
final readonly class TapAnswerData
{
    /** By which a device knows that it is this application that answers. */
    public const FORM = 'eskith-taps';

    /**
     * @param  int  $angler  who is signed in
     * @param  string  $place  of the outing they go into, or would
     * @param  list<string>  $taken  ids; they stand in the record
     * @param  list<RefusalData>  $refused
     * @param  string|null  $into  uuid of the outing they went into; null where they went into none
     * @param  string  $asOf  from when on what is said of that outing has them
     */
    public function __construct(
        public string $form,
        public int $angler,
        public TapsGo $goes,
        public string $place,
        public array $taken,
        public array $refused,
        public ?string $into,
        public string $asOf,
    ) {
    }
}
