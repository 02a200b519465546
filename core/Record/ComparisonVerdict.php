<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** What may be said of two levels of a factor. */
enum ComparisonVerdict: string
{
    /** Within the same outings the interval is clear of "as often". */
    case Clear = 'clear';
    /** Striking by the rates alone, and not within the same outings: it was the day. */
    case Vanishes = 'vanishes';
    /** Neither. */
    case Close = 'close';
    /** Less than two hours, or three outings with both: not enough to say anything. */
    case Thin = 'thin';
}
