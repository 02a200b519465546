<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** One rule of the rule base: a row. Its closure answers a verdict, or null where it does not apply. */
final readonly class Rule
{
    /**
     * @param  string  $id  as in the rule base, "F1"
     * @param  string  $says  what it holds, in one line
     * @param  list<Reading>  $needs  readings without which it stays silent
     * @param  float  $stake  most points it can move, up or down
     * @param  string  $per  where the stake is for each of something: "step"
     * @param  \Closure(Situation, Candidate): ?Verdict  $judge
     */
    public function __construct(
        public string $id,
        public Scope $scope,
        public string $says,
        public array $needs,
        public float $stake,
        private \Closure $judge,
        public string $per = '',
    ) {
    }

    public function judge(Situation $situation, Candidate $candidate): ?Verdict
    {
        return ($this->judge)($situation, $candidate);
    }

    /** @return list<Reading> the readings that are missing for it */
    public function missing(Situation $situation): array
    {
        return $this->needs === [] ? [] : array_values(array_filter($this->needs, static fn (Reading $need): bool => ! $need->isMet($situation)));
    }
}
