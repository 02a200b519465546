<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** Something that is kept and cannot be used or believed, however it got there: it is named, and offered for mending. */
final readonly class UnusableRow
{
    /** @param  string  $key  by which it is mended */
    public function __construct(public Part $part, public string $key, public string $text)
    {
    }

    public static function reading(string $name, string $text): self
    {
        return new self(Part::Reading, $name, $text);
    }

    public static function measurement(Measured $row): self
    {
        return new self(Part::Measurement, $row->uuid, $row->method);
    }

    public static function lure(int $id, string $words): self
    {
        return new self(Part::Lure, (string) $id, $words);
    }

    public static function rule(string $id): self
    {
        return new self(Part::Rule, $id, '');
    }

    public static function line(int $id, string $name): self
    {
        return new self(Part::Line, (string) $id, $name);
    }

    /** @param  string  $outing  whose readings they are; '' for those of today */
    public static function madeUp(string $outing, string $text): self
    {
        return new self(Part::MadeUp, $outing, $text);
    }
}
