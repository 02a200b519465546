<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Words\Words;
use PHPUnit\Framework\TestCase;
use Tests\Support\SaidWords;

/** What is said: how a template is filled in, and that every text keeps to the voice. */
final class WordsTest extends TestCase
{
    private const LONGEST_SENTENCE = 16;

    private const LONGEST_REASON = 9;

    /** Words that are said otherwise, each with what stands for it. */
    private const OTHERWISE = [
        '/\b[Tt]ouche[sd]\b/' => 'bites, bit', '/\b[Nn]obody\b/' => 'say who', '/\b[Ww]hatever\b/' => 'say which', '/\banew\b/' => 'again',
        '/[Rr]eckon/' => 'work out', '/\bashore\b/' => 'off the boat', '/\bswallow/' => 'you lose', '/\bas it comes\b/' => 'say how',
        '/\bof it\b/' => 'say of what', '/ (already )?any more\./' => 'gone', '/on already/' => 'already tied on', '/  /' => 'one space',
        '/\bon the way in\b/' => 'lost', '/\bthe other school\b/' => 'its name', '/\b0 min\b/' => 'now',
    ];

    public function test_values_stand_in_their_places(): void
    {
        self::assertSame('Move to West gravel, 49 ft', Words::of('Move to {spot}, {away}', spot: 'West gravel', away: '49 ft'));
        self::assertSame('3 of 3', Words::of('{all} of {all}', all: 3));
        self::assertSame('Tie on {braces}', Words::of('Tie on {lure}', lure: '{braces}'), 'what an angler typed is no template');
        self::assertSame('{as it is}', Words::of('{as it is}'));
        self::assertSame('-', Words::of('{nothing}-', nothing: null));
    }

    public function test_a_number_chooses_between_one_and_many(): void
    {
        $said = static fn (int|string $bites): string => Words::of('{bites|# bite is|# bites are} in', bites: $bites);
        self::assertSame('1 bite is in', $said(1));
        self::assertSame('1 bite is in', $said('1'));
        self::assertSame('0 bites are in', $said(0));
        self::assertSame('1,234 bites are in', $said('1,234'));
        self::assertSame('One drift; no number', Words::of('{n|One drift|# drifts}; no {n|number|numbers}', n: 1));
        self::assertSame('1 lure', Words::of('{n} lure{n||s}', n: 1));
        self::assertSame('2 lures', Words::of('{n} lure{n||s}', n: 2));
    }

    public function test_a_sentence_begins_with_a_capital(): void
    {
        self::assertSame('Élan is kept.', Words::of('{name} is kept.', name: 'élan'));
        self::assertSame('élan hole', Words::of('{name} hole', name: 'élan'), 'a label is no sentence');
        self::assertSame('the end.', Words::of('the {end}.', end: 'end'), 'as it was written');
    }

    public function test_parts_are_put_together(): void
    {
        self::assertSame('a', Words::list(['a']));
        self::assertSame('a and b', Words::list(['a', 'b']));
        self::assertSame('a, b or c', Words::list(['a', 'b', 'c'], 'or'));
        self::assertSame('', Words::list([]));
        self::assertSame('One. Two.', Words::sentences('One.', '', 'Two.'));
    }

    public function test_a_place_without_a_value_is_a_fault(): void
    {
        $this->expectException(\LogicException::class);
        Words::of('{a} and {b}', a: 1);
    }

    public function test_every_template_says_all_it_is_given_and_asks_for_no_more(): void
    {
        self::assertSame([], SaidWords::looseValues());
    }

    public function test_sentences_are_short(): void
    {
        $long = [];
        foreach (SaidWords::inCode() as ['file' => $file, 'line' => $line, 'text' => $text, 'isReason' => $isReason]) {
            if (SaidWords::longestSentence($text) > ($isReason ? self::LONGEST_REASON : self::LONGEST_SENTENCE)) {
                $long[] = "{$file}:{$line} {$text}";
            }
        }
        self::assertSame([], $long);
    }

    public function test_the_voice_is_kept(): void
    {
        $wrong = [];
        foreach (SaidWords::inCode() as ['file' => $file, 'line' => $line, 'text' => $text]) {
            foreach (self::OTHERWISE as $words => $instead) {
                if (preg_match($words, $text) === 1) {
                    $wrong[] = "{$file}:{$line} {$text} ({$instead})";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_the_words_of_a_sentence_are_counted_as_they_are_read(): void
    {
        self::assertSame(5, SaidWords::longestSentence('Line leans {angle}. Straight down: now {n|# bite|# bites}'));
        self::assertSame(3, SaidWords::longestSentence("Wait 9\u{A0}s first"));
    }
}
