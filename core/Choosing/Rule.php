<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Choosing\Subjects\FinishFacts;
use Eskith\Core\Choosing\Subjects\HangFacts;
use Eskith\Core\Choosing\Subjects\WeightFacts;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;

/**
 * One rule of the rule base: a row. Its closure is given the situation and what the rule is of, and nothing else, so that
 * whatever candidates have in common is judged once; it answers a verdict, or null where it does not apply.
 *
 * Every named constructor takes the same: the id as in the rule base, "F1"; what the rule holds, in one line; the readings
 * without which it stays silent; the most points it can move, up or down, and what for when that is for each of something,
 * "step".
 */
final readonly class Rule
{
    /**
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, Candidate): ?Verdict  $judge
     */
    private function __construct(
        public string $id,
        public Scope $scope,
        public string $says,
        public array $needs,
        public float $stake,
        private \Closure $judge,
        public string $per = '',
        /** Of a rule of lure, hole and cadence together; null for others. */
        public ?Parts $parts = null,
        /** Of a rule of one cadence; null for others. */
        public ?Cadence $cadence = null,
    ) {
    }

    /**
     * Of a family, whatever the lure weighs.
     *
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, Family): ?Verdict  $judge
     */
    public static function ofFamily(string $id, string $says, array $needs, float $stake, \Closure $judge): self
    {
        return new self(
            id: $id,
            scope: Scope::Family,
            says: $says,
            needs: $needs,
            stake: $stake,
            judge: static fn (Situation $s, Candidate $c): ?Verdict => $judge($s, $c->lure->family),
        );
    }

    /**
     * Of family and weight, and the weight that the day asks for.
     *
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, WeightFacts): ?Verdict  $judge
     */
    public static function ofWeight(string $id, string $says, array $needs, float $stake, \Closure $judge, string $per = ''): self
    {
        return self::weighed(Scope::Weight, $id, $says, $needs, $stake, $judge, $per);
    }

    /**
     * Of family and weight, and how the line leans with them.
     *
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, WeightFacts): ?Verdict  $judge
     */
    public static function ofLeaning(string $id, string $says, array $needs, float $stake, \Closure $judge): self
    {
        return self::weighed(Scope::Leaning, $id, $says, $needs, $stake, $judge);
    }

    /**
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, WeightFacts): ?Verdict  $judge
     */
    private static function weighed(
        Scope $scope, string $id, string $says, array $needs, float $stake, \Closure $judge, string $per = '',
    ): self {
        return new self(
            id: $id,
            scope: $scope,
            says: $says,
            needs: $needs,
            stake: $stake,
            judge: static fn (Situation $s, Candidate $c): ?Verdict => $judge($s, $c->weighed),
            per: $per,
        );
    }

    /**
     * Of the finish and what was added to it.
     *
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, FinishFacts): ?Verdict  $judge
     */
    public static function ofLook(string $id, string $says, array $needs, float $stake, \Closure $judge): self
    {
        return new self(
            id: $id,
            scope: Scope::Look,
            says: $says,
            needs: $needs,
            stake: $stake,
            judge: static fn (Situation $s, Candidate $c): ?Verdict => $judge($s, new FinishFacts($c->lure->finish, $c->lure->accents)),
        );
    }

    /**
     * Of anything about the lure.
     *
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, Lure): ?Verdict  $judge
     */
    public static function ofLure(string $id, string $says, array $needs, float $stake, \Closure $judge): self
    {
        return new self(
            id: $id,
            scope: Scope::Lure,
            says: $says,
            needs: $needs,
            stake: $stake,
            judge: static fn (Situation $s, Candidate $c): ?Verdict => $judge($s, $c->lure),
        );
    }

    /**
     * Of how a lure hangs, with holes or without.
     *
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, HangFacts): ?Verdict  $judge
     */
    public static function ofHanging(string $id, string $says, array $needs, float $stake, \Closure $judge): self
    {
        return self::hung(Scope::Hanging, $id, $says, $needs, $stake, $judge);
    }

    /**
     * Of how a lure hangs and comes down, with holes or without.
     *
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, HangFacts): ?Verdict  $judge
     */
    public static function ofFalling(string $id, string $says, array $needs, float $stake, \Closure $judge): self
    {
        return self::hung(Scope::Falling, $id, $says, $needs, $stake, $judge);
    }

    /**
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation, HangFacts): ?Verdict  $judge
     */
    private static function hung(Scope $scope, string $id, string $says, array $needs, float $stake, \Closure $judge): self
    {
        return new self(
            id: $id,
            scope: $scope,
            says: $says,
            needs: $needs,
            stake: $stake,
            judge: static fn (Situation $s, Candidate $c): ?Verdict => $c->hung === null ? null : $judge($s, $c->hung),
        );
    }

    /**
     * Of one cadence, whatever the lure.
     *
     * @param  list<Reading>  $needs
     * @param  \Closure(Situation): ?Verdict  $judge
     */
    public static function ofCadence(Cadence $cadence, string $id, string $says, array $needs, float $stake, \Closure $judge): self
    {
        return new self(
            id: $id,
            scope: Scope::Cadence,
            says: $says,
            needs: $needs,
            stake: $stake,
            judge: static fn (Situation $s, Candidate $c): ?Verdict => $c->cadence === $cadence ? $judge($s) : null,
            cadence: $cadence,
        );
    }

    /**
     * Of lure, hole and cadence together: what each of them brings is added up, within the most that the rule can move.
     *
     * @param  list<Reading>  $needs
     */
    public static function ofAll(string $id, string $says, array $needs, float $stake, Parts $parts): self
    {
        return new self(
            id: $id,
            scope: Scope::All,
            says: $says,
            needs: $needs,
            stake: $stake,
            judge: static fn (Situation $s, Candidate $c): ?Verdict => Verdict::of(
                self::within($stake, $parts->ofLure($s, $c->lure) + $parts->ofHole($c->hole()) + $parts->ofCadence($c->cadence)),
                $parts->words($s, $c),
            ),
            parts: $parts,
        );
    }

    /** What all of it brings, within the most that the rule can move. */
    public function together(float $brought): float
    {
        return self::within($this->stake, $brought);
    }

    private static function within(float $most, float $points): float
    {
        return round(max(-$most, min($most, $points)), 2);
    }

    public function judge(Situation $situation, Candidate $candidate): ?Verdict
    {
        return ($this->judge)($situation, $candidate);
    }

    /** @return list<Reading> the readings that are missing for it */
    public function missing(Situation $situation): array
    {
        return $this->needs === []
            ? []
            : array_values(array_filter($this->needs, static fn (Reading $need): bool => ! $need->isMet($situation)));
    }
}
