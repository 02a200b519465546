<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Words\Words;

/** What was added to a lure's main colour. */
enum Accent: string
{
    case Gold = 'gold';
    case Red = 'red';
    case RedNearHooks = 'red_near_hooks';
    case Tape = 'tape';
    case Scent = 'scent';
    case SoftTail = 'soft_tail';
    case Feather = 'feather';

    /** @return list<string> those that are ticked for a lure; red near the hooks is a field of its own */
    public static function ticked(): array
    {
        return array_values(array_diff(array_column(self::cases(), 'value'), [self::RedNearHooks->value]));
    }

    /** As said in the boat: "with a little gold", "with scent". */
    public function word(): string
    {
        return match ($this) {
            self::Gold => 'a little gold',
            self::Red => 'red',
            self::RedNearHooks => 'red near the hooks',
            self::Tape => 'tape',
            self::Scent => 'scent',
            self::SoftTail => 'a soft tail',
            self::Feather => 'a feather',
        };
    }

    /**
     * @param  list<self>  $accents
     * @return string "a little gold and scent"; '' for none
     */
    public static function words(array $accents): string
    {
        return Words::list(array_map(static fn (self $accent): string => $accent->word(), $accents));
    }
}
