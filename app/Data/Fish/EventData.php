<?php

declare(strict_types=1);

namespace App\Data\Fish;

use App\Enums\EventKind;

/** Something logged, and of a bite what can be mended. */
final readonly class EventData
{
    /**
     * @param  bool  $computed  the depth was told from the drop before
     * @param  bool|null  $lureLost  null where no lure can stay down
     * @param  string|null  $rod  uuid
     * @param  string  $rodName  '' where there is but one
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
    ) {
    }
}
