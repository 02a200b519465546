<?php

declare(strict_types=1);

namespace App\Console;

use BackedEnum;
use Closure;
use Eskith\Core\Care\HeldIn;
use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Finish;
use Eskith\Telling\Doing\OfflineAction;
use Eskith\Telling\Enums\BitePhase;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\Flew;
use Eskith\Telling\Enums\HookHeld;
use Eskith\Telling\Enums\LostAt;
use Eskith\Telling\Enums\PauseWhy;
use Eskith\Telling\Enums\PictureOf;

/**
 * What the interface knows of things that grow: written from where each is defined, so that one more of them is there too.
 * Of each its values in order, with its words and what it counts as.
 */
final class Kinds
{
    /** Columns of a value that still fits in its line. */
    private const WIDTH = 90;

    public static function path(): string
    {
        return base_path('resources/js/kinds.ts');
    }

    public static function text(): string
    {
        $text = "// Written by `php artisan types` from where each of these is defined. Change it there.\n";
        foreach (self::all() as $name => [$cases, $tell]) {
            $text .= "\nexport const {$name} = {\n";
            foreach ($cases as $case) {
                $text .= "\t{$case->value}: ".self::literal($tell($case)).",\n";
            }
            $text .= "} as const;\n";
        }

        return $text;
    }

    /** @return array<string, array{list<BackedEnum>, Closure}> cases and what is told of each, by the name they have there */
    private static function all(): array
    {
        $words = static fn (BitePhase|HookHeld|HeldIn|Flew $case): array => ['word' => $case->short(), 'within' => $case->word()];
        $word = static fn (LostAt|PauseWhy|PictureOf|Accent|OfflineAction $case): array => ['word' => $case->word()];

        return [
            'FAMILY' => [Family::cases(), static fn (Family $family): array => self::family($family)],
            'FINISH' => [Finish::cases(), static fn (Finish $finish): array => ['word' => Finish::word($finish->value)]],
            'ACCENT' => [Accent::cases(), $word],
            'EVENT_KIND' => [EventKind::cases(), static fn (EventKind $kind): array => [
                'word' => $kind->word(), 'bite' => $kind->isBite(), 'fish' => $kind === EventKind::Fish,
                'drop' => $kind === EventKind::Drop, 'drift' => $kind === EventKind::Drift,
                'flies' => $kind->flies(), 'losesLure' => $kind->canLoseLure(), 'pad' => $kind->pad() !== null,
            ]],
            'OFFLINE_ACTION' => [OfflineAction::cases(), $word],
            'BITE_PHASE' => [BitePhase::cases(), $words],
            'HOOK_HELD' => [HookHeld::cases(), $words],
            'HELD_IN' => [HeldIn::cases(), $words],
            'FLEW' => [Flew::cases(), $words],
            'LOST_AT' => [LostAt::cases(), $word],
            'PAUSE_WHY' => [PauseWhy::cases(), $word],
            'PICTURE_OF' => [PictureOf::cases(), $word],
        ];
    }

    /** @return array<string, mixed> */
    private static function family(Family $family): array
    {
        $definition = $family->definition();
        $figure = $definition->figure;

        return [
            'word' => $definition->word, 'named' => $family->named(), 'small' => $definition->small, 'holes' => $definition->holes,
            'flutters' => $family->isSpoon(), 'flat' => $figure->flat, 'tail' => $figure->tail, 'tie' => $figure->tie,
            'eye' => $figure->eye, 'middle' => $figure->middle, 'hooks' => $figure->hooks, 'path' => $figure->path,
        ];
    }

    /** A value as TypeScript has it: in one line where it fits, else each part in its own. */
    private static function literal(mixed $value, int $depth = 1): string
    {
        if (! is_array($value)) {
            return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        }
        $parts = [];
        foreach ($value as $key => $part) {
            $parts[] = (array_is_list($value) ? '' : "{$key}: ").self::literal($part, $depth + 1);
        }
        [$open, $close] = array_is_list($value) ? ['[', ']'] : ['{ ', ' }'];
        $line = $open.implode(', ', $parts).$close;
        $tabs = str_repeat("\t", $depth);

        return strlen($line) <= self::WIDTH && ! str_contains($line, "\n")
            ? $line
            : trim($open)."\n{$tabs}\t".implode(",\n{$tabs}\t", $parts).",\n{$tabs}".trim($close);
    }
}
