<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

use Eskith\Core\Choosing\Readings\Kind;
use Eskith\Telling\Data\OptionData;

/**
 * A reading as the strip and the Water station show it. Stepping a measure adds `step` to `value`, within `min` and `max`, all
 * in `unit`.
 */
final readonly class ReadingData
{
    /**
     * @param  list<OptionData>  $options
     * @param  'measured'|'assumed'|'instrument'|'link'|'spot'|'missing'  $source
     */
    public function __construct(
        public string $name,
        /** Heading it stands under on the board. */
        public string $group,
        public string $label,
        public Kind $kind,
        public ?string $text,
        public string $shown,
        public string $unit,
        public ?float $value,
        public float $step,
        public float $min,
        public float $max,
        public array $options,
        public string $source,
        public string $sourceWords,
        public ?string $readAt,
        public bool $pinned,
        public bool $stale,
        /** One of the eight points, to which a phone can point. */
        public bool $pointed,
    ) {
    }
}
