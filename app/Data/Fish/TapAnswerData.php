<?php

declare(strict_types=1);

namespace App\Data\Fish;

use App\Data\Picture\ColumnData;
use App\Enums\TapsGo;

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
     */
    public function __construct(
        public string $form,
        public int $angler,
        public TapsGo $goes,
        public string $place,
        public array $taken,
        public array $refused,
        public ?OutingData $outing,
        public ?ColumnData $column,
    ) {
    }
}
