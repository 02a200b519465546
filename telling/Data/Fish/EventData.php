<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

use Eskith\Telling\Data\PictureData;
use Eskith\Telling\Enums\EventKind;

/** Something logged, and of a bite what can be mended. */
final readonly class EventData
{
    /**
     * @param  bool  $computed  the depth was told from the drop before
     * @param  bool|null  $lureLost  null where no lure can stay down
     * @param  string|null  $flew  how it flew, of one that fouled: '' where that was not said; null of others
     * @param  string|null  $over  when a fish was landed or lost
     * @param  string|null  $became  the fish that a touch was the first of
     * @param  string|null  $rod  uuid
     * @param  string  $rodName  '' where there is but one
     * @param  list<PictureData>  $pictures  the oldest first
     */
    public function __construct(
        public string $uuid,
        public EventKind $kind,
        public string $words,
        public string $at,
        public string $depthText,
        public bool $computed = false,
        public ?LoggedBiteData $bite = null,
        public ?bool $lureLost = null,
        public ?string $rod = null,
        public string $rodName = '',
        public string $note = '',
        public ?string $flew = null,
        public ?string $over = null,
        public ?string $became = null,
        public array $pictures = [],
    ) {
    }
}
