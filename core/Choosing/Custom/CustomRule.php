<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Custom;

use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;

/** A rule of the angler's own: when these readings, then so many points for these lures. */
final readonly class CustomRule
{
    public const MOST_POINTS = 6.0;

    /** @param  list<Condition>  $when  all of them; none for always */
    private function __construct(public string $id, public string $name, public array $when, public LureFilter $lures, public float $points)
    {
    }

    /**
     * @param  string  $id  unlike that of any other rule
     * @param  string  $name  what it holds, in the angler's words; it ends the reason
     * @param  list<Condition>  $when
     *
     * @throws InvalidInput when it has no name, no points, or asks for a reading twice
     */
    public static function of(string $id, string $name, array $when, LureFilter $lures, float $points): self
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > 80) {
            throw InvalidInput::because('name', 'Say in a few words, up to 80 letters, what the rule holds.');
        }
        if ($points === 0.0 || ! is_finite($points) || abs($points) > self::MOST_POINTS) {
            throw InvalidInput::because('points', 'Give 1 to 6 points for, or −1 to −6 against.');
        }
        $readings = array_map(static fn (Condition $condition): string => $condition->reading->value, $when);
        if ($readings !== array_values(array_unique($readings))) {
            throw InvalidInput::because('when', 'A reading stands in a rule once. Put its choices together.');
        }

        return new self($id, $name, $when, $lures, $points);
    }

    /** The row it is in the rule book. */
    public function rule(): Rule
    {
        return Rule::ofLure($this->id, rtrim($this->name, '.').'.', [], abs($this->points), function (Situation $s, Lure $lure): ?Verdict {
            foreach ($this->when as $condition) {
                if (! $condition->holds($s)) {
                    return null;
                }
            }
            $read = implode(', ', array_map(static fn (Condition $condition): string => $condition->words($s), $this->when));

            return $this->lures->has($lure)
                ? Verdict::of($this->points, ucfirst(($read === '' ? 'Always' : $read).': '.rtrim($this->name, '.').'.'))
                : null;
        });
    }
}
