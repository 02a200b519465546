<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

use Eskith\Core\Choosing\Situation;

/** How a choice rests on a reading: where it stands, how it is spoken of, and how it is moved to see what it would change. */
final readonly class RuleInput
{
    /**
     * Sentences are given as patterns: {word} is the choice by itself, "stained"; {said} the reading as said of the day,
     * "stained water", or a measure's figure. What differs by choice is a list by choice.
     *
     * @param  string  $field  its property in Conditions, or in Aim
     * @param  string  $key  its name on the command line
     * @param  string  $word  in a sentence: "water temperature"
     * @param  string|array<string, string>  $says  as said of the day: "{word} water"
     * @param  string|array<string, string>  $opens  how a sentence about a value begins: "In {said}"
     * @param  SearchRange|null  $walk  how a measure is moved
     * @param  string|null  $missing  what a rule says that it waits for, where that is another word
     * @param  \Closure(Situation): bool|null  $met  whether rules have what they need of it, where that is not just that it was read
     * @param  bool  $named  whether a choice is understood by its word alone: "smallmouth", but not "steady"
     */
    private function __construct(
        public bool $ofAim,
        public string $field,
        public string $key,
        public string $word,
        public string|array $says,
        public string|array $opens,
        public ?SearchRange $walk,
        public ?string $missing,
        public ?\Closure $met,
        public bool $named,
    ) {
    }

    /**
     * @param  string|array<string, string>  $says
     * @param  string|array<string, string>  $opens
     * @param  \Closure(Situation): bool|null  $met
     */
    public static function water(
        string $field,
        string $key,
        string $word,
        string|array $says = '{word}',
        string|array $opens = 'With {said}',
        ?SearchRange $walk = null,
        ?string $missing = null,
        ?\Closure $met = null,
        bool $named = true,
    ): self {
        return new self(
            ofAim: false,
            field: $field,
            key: $key,
            word: $word,
            says: $says,
            opens: $opens,
            walk: $walk,
            missing: $missing,
            met: $met,
            named: $named,
        );
    }

    /**
     * @param  string|array<string, string>  $says
     * @param  string|array<string, string>  $opens
     */
    public static function aim(
        string $field,
        string $key,
        string $word,
        string|array $says = '{word}',
        string|array $opens = 'With {said}',
        bool $named = true,
    ): self {
        return new self(
            ofAim: true,
            field: $field,
            key: $key,
            word: $word,
            says: $says,
            opens: $opens,
            walk: null,
            missing: null,
            met: null,
            named: $named,
        );
    }
}
