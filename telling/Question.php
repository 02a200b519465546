<?php

declare(strict_types=1);

namespace Eskith\Telling;

use DateTimeInterface;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Lure\CompareData;
use Eskith\Telling\Data\Water\CastData;
use Eskith\Telling\Data\Water\GhostData;
use Eskith\Telling\Lure\AnswerPresenter;
use Eskith\Telling\Lure\ComparePresenter;
use Eskith\Telling\Lure\GhostPresenter;
use Eskith\Telling\Lure\SecondLookPresenter;
use Eskith\Telling\Rig\RigPresenter;
use Eskith\Telling\Water\AngleFixPresenter;
use Eskith\Telling\Water\CastPresenter;
use Eskith\Telling\Water\ChartPresenter;
use Eskith\Telling\Water\HeadingPresenter;
use Eskith\Telling\Water\LineTiltPresenter;
use Eskith\Telling\Water\Measuring;
use Eskith\Telling\Water\NearestSpotPresenter;
use Eskith\Telling\Water\PhoneDriftPresenter;
use Eskith\Telling\Water\WayBackPresenter;
use Eskith\Telling\Work\LiftsMade;
use Eskith\Telling\Work\LiftsPresenter;
use Eskith\Telling\Work\WorkPresenter;

/**
 * What can be asked of a kit: answered by the server, at the address of its name, and by a device alike, and never kept. Each
 * takes texts by name; all take readings that are only tried.
 */
enum Question: string
{
    /** What to tie on. Takes `pick`, a way to fish that is looked at, and `family`, to list only one. */
    case Answer = 'answer';

    /** One way to fish and its picture: `pick`. */
    case Way = 'way';

    /** What other schools would tie on, and what would change the choice. */
    case SecondLook = 'second-look';

    /** Two ways to fish beside each other: `a` and `b`. */
    case Compare = 'compare';

    /** What would put a way to fish first: `pick`. */
    case OnTop = 'on-top';

    /** The lightest weight that stays straight down, by depth and `across` (drift or line), `of` the box or the series. */
    case Chart = 'chart';

    /** Where a cast of a `length` with a `pick` comes down, bail shut or `bail` open. */
    case Cast = 'cast';

    /** What flows where the line leans by an `angle` with a `pick` on, and what to do about it. */
    case AngleFix = 'angle-fix';

    /** A second drop beside that of a `pick`: of another `weight`, `line` or `hole`. */
    case Ghost = 'ghost';

    /** The cadence of a `pick`, timed. */
    case Timing = 'work/timing';

    /** The rod in hand, checked with a `pick` on it. */
    case Rig = 'rig/checks';

    /** `lifts` that were made in practice, told against what a `pick` wants. */
    case Lifts = 'work/lifts';

    /** What a measurement would change, before it is kept: its `kind`, the `pick`, and what was read off, as it is typed. */
    case Measured = 'measured';

    /** How the boat drifts, from `fixes` of a phone. */
    case PhoneDrift = 'drift-by-phone';

    /** Which spot of one's own is nearest to where a phone is: `lat` and `lon`, degrees, and m of `accuracy`. */
    case NearestSpot = 'nearest-spot';

    /** How far the line leans, from `samples` of a phone that was held along it. */
    case LineTilt = 'angle-by-tilt';

    /** Where the upper edge of a phone pointed, from `samples` of its compass. */
    case Heading = 'heading-by-compass';

    /** The way back onto a mark at `lat` and `lon`, from `fixes` of a phone; with what a `pick` takes to come down there. */
    case WayBack = 'way-back';

    /** Whether what it takes can be too long for an address: then it is sent. */
    public function isLong(): bool
    {
        return in_array($this, [self::Lifts, self::PhoneDrift, self::LineTilt, self::Heading, self::WayBack], true);
    }

    /**
     * @param  array<array-key, mixed>  $given  what it takes, and readings that are tried, by name
     * @return object|array<string, mixed> as the address of this name answers
     *
     * @throws InvalidInput when something that was given cannot be used
     */
    public function of(Kit $kit, array $given, DateTimeInterface $now): object|array
    {
        $book = $kit->book($now, $given);
        $asked = new Asked($given);
        $box = static fn (): RankedBox => RankedBox::of($kit, $book);
        $drop = static fn (): SingleDrop => SingleDrop::at($kit, $book, $asked->text('pick'));

        return match ($this) {
            self::Answer => AnswerPresenter::of($box(), $asked->textOrNull('pick'), $asked->textOrNull('family')),
            self::Way => AnswerPresenter::way($box(), $asked->text('pick')),
            self::SecondLook => SecondLookPresenter::of($box(), null),
            self::Compare => self::compare($box(), $asked),
            self::OnTop => self::onTop($box(), $asked->text('pick')),
            self::Chart => ChartPresenter::of($kit, $book, $asked->text('across', 'drift'), $asked->text('of', 'box')),
            self::Cast => self::cast($drop(), $asked),
            self::AngleFix => AngleFixPresenter::of($kit, $drop(), $asked->measure('angle', Unit::Degree)),
            self::Ghost => self::ghost($drop(), $asked),
            self::Timing => WorkPresenter::of($kit, $drop()),
            self::Rig => RigPresenter::of($kit, $drop()),
            self::Measured => ['said' => Measuring::of($kit, $book, $asked, '', $now)->said],
            self::PhoneDrift => PhoneDriftPresenter::of($book->settings->units, $asked),
            self::NearestSpot => NearestSpotPresenter::of(
                $kit, $book, $asked->number('lat'), $asked->number('lon'), $asked->number('accuracy'),
            ),
            self::LineTilt => LineTiltPresenter::of($asked),
            self::Heading => HeadingPresenter::of($asked),
            self::WayBack => WayBackPresenter::of($kit, $book, $asked),
            self::Lifts => LiftsPresenter::of($drop(), LiftsMade::of($asked->list('lifts'))),
        };
    }

    private static function compare(RankedBox $box, Asked $asked): CompareData
    {
        return ComparePresenter::of($box, $box->demand($asked->text('a')), $box->demand($asked->text('b')));
    }

    /** @return array{pick: string, words: list<string>} */
    private static function onTop(RankedBox $box, string $key): array
    {
        $pick = $box->demand($key);

        return ['pick' => RankedBox::key($pick), 'words' => ComparePresenter::onTop($box, $pick)];
    }

    private static function cast(SingleDrop $drop, Asked $asked): CastData
    {
        $length = $asked->measure('length', $drop->book->settings->units->depth);

        return CastPresenter::of($drop->candidate(), $drop->situation, $length, $asked->textOrNull('bail') === 'open');
    }

    private static function ghost(SingleDrop $drop, Asked $asked): GhostData
    {
        return GhostPresenter::of($drop, $drop->other(
            massKg: $asked->has('weight') ? $asked->measure('weight', $drop->book->settings->units->lureWeight) : null,
            lineM: $asked->has('line') ? $asked->measure('line', Unit::Millimetre) : null,
            hole: $asked->has('hole') ? $asked->text('hole') : null,
        ));
    }
}
