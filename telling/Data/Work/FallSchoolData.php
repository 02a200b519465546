<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** One of two schools of letting a lure down: what it trades, and how long it takes with a lure of the box. */
final readonly class FallSchoolData
{
    /** @param  string  $setting  name of the setting, of which value is the choice */
    public function __construct(
        public string $setting,
        public string $value,
        public string $word,
        public string $says,
        public string $time,
        public bool $followed,
    ) {
    }
}
