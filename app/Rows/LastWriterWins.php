<?php

declare(strict_types=1);

namespace App\Rows;

use Illuminate\Support\Carbon;

/**
 * Of several devices that say something of the same thing, the one counts that said it last, whichever is heard last: so
 * what comes late, twice or in another order changes nothing.
 */
final readonly class LastWriterWins
{
    private const FORMAT = 'Y-m-d H:i:s.v';

    /** @param  array<string, string>  $at  by what was told, when */
    private function __construct(public array $at)
    {
    }

    /** @param  array<array-key, mixed>|null  $told  as it is kept */
    public static function before(?array $told): self
    {
        $at = [];
        foreach ($told ?? [] as $what => $moment) {
            if (is_string($moment)) {
                $at[(string) $what] = $moment;
            }
        }

        return new self($at);
    }

    /** This with what is told at a moment; null where something later was told of it. */
    public function with(string $what, Carbon $at): ?self
    {
        $moment = self::moment($at);

        return ($this->at[$what] ?? '') > $moment ? null : new self([...$this->at, $what => $moment]);
    }

    /** As it is kept: moments that are compared letter by letter. */
    public static function moment(Carbon $at): string
    {
        return $at->copy()->utc()->format(self::FORMAT);
    }
}
