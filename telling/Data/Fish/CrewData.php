<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** A day shared: the code to tell the others, who is there, and what they logged. */
final readonly class CrewData
{
    /**
     * @param  string|null  $code  null for who joined, and once nobody can join any more
     * @param  list<string>  $anglers  each with how it goes, in words
     * @param  list<CrewEventData>  $events  of the others, newest first
     * @param  bool  $sharesTags  whether the others see the numbers of tags
     */
    public function __construct(public ?string $code, public array $anglers, public array $events, public bool $sharesTags)
    {
    }
}
