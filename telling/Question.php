<?php

declare(strict_types=1);

namespace Eskith\Telling;

use DateTimeInterface;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Lure\AnswerPresenter;
use Eskith\Telling\Lure\ComparePresenter;
use Eskith\Telling\Lure\SecondLookPresenter;

/**
 * What can be asked of a kit: answered by the server and by a device alike, and never kept. Each takes texts by name; all take
 * readings that are only tried.
 */
enum Question: string
{
    /** What to tie on. Takes `pick`, a way to fish that is looked at, and `family`, to list only one. */
    case Answer = 'answer';

    /** What other schools would tie on, and what would change the choice. */
    case SecondLook = 'second-look';

    /** Two ways to fish beside each other: `a` and `b`. */
    case Compare = 'compare';

    /** What would put a way to fish first: `pick`. */
    case OnTop = 'on-top';

    /**
     * @param  array<array-key, mixed>  $given  what it takes, and readings that are tried, by name
     * @return object|array<string, mixed> as the address of this name answers
     *
     * @throws InvalidInput when something that was given cannot be used
     */
    public function of(Kit $kit, array $given, DateTimeInterface $now): object|array
    {
        $rankedBox = RankedBox::of($kit, $kit->book($now, $given));
        $text = static fn (string $name): ?string => is_string($given[$name] ?? null) ? $given[$name] : null;

        return match ($this) {
            self::Answer => AnswerPresenter::of($rankedBox, $text('pick'), $text('family')),
            self::SecondLook => SecondLookPresenter::of($rankedBox, null),
            self::Compare => ComparePresenter::of(
                $rankedBox, $rankedBox->demand((string) $text('a')), $rankedBox->demand((string) $text('b')),
            ),
            self::OnTop => self::onTop($rankedBox, $rankedBox->demand((string) $text('pick'))),
        };
    }

    /** @return array{pick: string, words: list<string>} */
    private static function onTop(RankedBox $rankedBox, Pick $pick): array
    {
        return ['pick' => RankedBox::key($pick), 'words' => ComparePresenter::onTop($rankedBox, $pick)];
    }
}
