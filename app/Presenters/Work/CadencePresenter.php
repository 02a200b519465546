<?php

declare(strict_types=1);

namespace App\Presenters\Work;

use Eskith\Core\Cadence\BladeFall;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\SpoonFall;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\Work\CadenceData;
use Eskith\Telling\Data\Work\FallSchoolData;
use Eskith\Telling\Settings\OwnCadences;
use Eskith\Telling\Work\FallWords;

/** How an angler works their lures: the numbers of every cadence, and the two schools of letting them down. */
final readonly class CadencePresenter
{
    public function __construct(private RankedBox $rankedBox)
    {
    }

    /** @return list<CadenceData> */
    public function all(): array
    {
        return array_map($this->one(...), Cadence::cases());
    }

    /** @return list<FallSchoolData> the two of blades, then the two of spoons, each as it is with the best of the box */
    public function falls(): array
    {
        $schools = $this->rankedBox->situation->schools;
        [$blade, $spoon] = $this->examples();

        return [
            ...array_map(
                fn (BladeFall $fall): FallSchoolData => $this->fall('blade_fall', $fall, $fall === $schools->bladeFall, $blade),
                BladeFall::cases(),
            ),
            ...array_map(
                fn (SpoonFall $fall): FallSchoolData => $this->fall('spoon_fall', $fall, $fall === $schools->spoonFall, $spoon),
                SpoonFall::cases(),
            ),
        ];
    }

    private function fall(string $setting, BladeFall|SpoonFall $fall, bool $followed, ?Candidate $with): FallSchoolData
    {
        $situation = $this->rankedBox->situation;
        $other = $with === null ? null : $situation->schools->withOtherFall($with->lure);
        $time = $with === null || $other === null
            ? null
            : FallWords::time($with, $followed ? $situation : $situation->with(schools: $other));

        return new FallSchoolData(
            setting: $setting,
            value: $fall->value,
            word: $fall->word(),
            says: $fall->says(),
            time: $time ?? '',
            followed: $followed,
        );
    }

    /**
     * @return array{Candidate|null, Candidate|null} the best blade by the highest of its lifts that are let down on a tight
     * line as first tried, the best spoon
     */
    private function examples(): array
    {
        $blade = $this->first(static fn (Candidate $way): bool => $way->lure->family->hangs());
        $ways = $blade === null ? [] : array_filter(
            Cadence::fitting($blade->lure, $this->rankedBox->situation->where()),
            static fn (Cadence $cadence): bool => $cadence->steps()->fall === FallControl::Controlled,
        );
        usort($ways, fn (Cadence $a, Cadence $b): int => $this->lift($b) <=> $this->lift($a));

        return [
            $blade === null || $ways === [] ? null : $blade->worked($ways[0]),
            $this->first(static fn (Candidate $way): bool => $way->lure->isSpoon()),
        ];
    }

    private function lift(Cadence $cadence): float
    {
        return $this->rankedBox->book->settings->cadences->of($cadence)->liftM;
    }

    /**
     * The best way of the box that is so.
     *
     * @param  \Closure(Candidate): bool  $fits
     */
    private function first(\Closure $fits): ?Candidate
    {
        foreach ($this->rankedBox->ranked as $pick) {
            if ($fits($pick->candidate)) {
                return $pick->candidate;
            }
        }

        return null;
    }

    /** What the times are of: "white half-ounce blade after a high pop, silver half-ounce spoon". */
    public function timed(): string
    {
        $names = new LureNames($this->rankedBox->situation->say);
        [$blade, $spoon] = $this->examples();
        $named = array_filter([
            $blade === null ? '' : Words::of(
                '{lure} after a {cadence}', lure: $names->lure($blade->lure), cadence: $blade->cadence?->word(),
            ),
            $spoon === null ? '' : $names->lure($spoon->lure),
        ]);

        return $named === [] || $this->rankedBox->situation->columnIfStill === null
            ? ''
            : Words::of(
                'Estimated in {depth}: {named}.',
                named: implode(', ', $named),
                depth: $this->rankedBox->situation->say->depth($this->rankedBox->situation->columnIfStill->depthM),
            );
    }

    private function one(Cadence $cadence): CadenceData
    {
        $say = $this->rankedBox->situation->say;
        [$now, $usual] = [$this->rankedBox->book->settings->cadences->of($cadence), $cadence->steps()];
        $typed = OwnCadences::of($this->rankedBox->kit->set)->kept[$cadence->value]['lift'] ?? null;
        $number = static fn (float $seconds): string => (string) round($seconds, 2);

        return new CadenceData(
            name: $cadence->value,
            word: $cadence->word(),
            says: $cadence->says(),
            lift: $typed ?? $say->lift($now->liftM),
            seconds: $number($now->liftSeconds),
            pause: $number($now->pauseSeconds),
            usual: $cadence->hasNumbers()
                ? Words::of(
                    $usual->pauseSeconds > 0 ? '{lift} over {seconds}, then {pause} still' : '{lift} over {seconds}, and on at once',
                    lift: $say->lift($usual->liftM), seconds: $say->seconds($usual->liftSeconds),
                    pause: $say->seconds($usual->pauseSeconds),
                )
                : '',
            own: $typed !== null,
            hasNumbers: $cadence->hasNumbers(),
        );
    }
}
