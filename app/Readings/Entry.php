<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Feed;
use Eskith\Telling\Enums\Source;
use Illuminate\Support\Carbon;

/** A reading as it stands: what was typed, its SI value if it is a measure, whence and when. */
final readonly class Entry
{
    public function __construct(
        public string $name,
        public string $text,
        public ?float $si,
        public Source $source,
        public ?Carbon $readAt = null,
        public bool $pinned = false,
    ) {
    }

    /** An instrument's reading that has not been renewed for a while. */
    public function isStale(): bool
    {
        return $this->source === Source::Instrument
            && $this->readAt !== null
            && $this->readAt->lessThan(Carbon::now()->subSeconds(Feed::FRESH_S));
    }
}
