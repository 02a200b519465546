<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** The rig in a sentence, for places that are about something else. */
final readonly class RigInShortData
{
    /**
     * @param  string  $wrong  what is to be mended, '' where nothing is
     * @param  string  $bears  the drag and the weakest part
     * @param  string|null  $care  when the leader has to be tied anew
     */
    public function __construct(public string $wrong, public string $bears, public ?string $care)
    {
    }
}
