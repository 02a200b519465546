<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Rig\Chain;
use Eskith\Core\Rig\Part;

/** What a rig holds, and where it breaks first. */
final class ChainVerb implements Verb
{
    public function answer(Fields $case): array
    {
        $parts = [];
        foreach ($case->items('parts') as $i => $item) {
            $part = Fields::of($item, $case->at("parts.{$i}"));
            $parts[] = Part::of($part->text('name'), $part->number('break_n'), $part->flag('knot'), $part->at('break_n'));
        }
        $chain = Chain::of($parts);

        return ['weakest' => $chain->weakest->name, 'holds_n' => $chain->holdsN, 'drag_n' => $chain->dragN()];
    }
}
