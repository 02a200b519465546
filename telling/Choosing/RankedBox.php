<?php

declare(strict_types=1);

namespace Eskith\Telling\Choosing;

use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Sensitivity\Sensitivity;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Choosing\TiedOn;
use Eskith\Core\Record\Learning;
use Eskith\Core\Record\RecordRule;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Day\Today;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kept\UnusableRow;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Rules\RuleChoices;

/** An angler's box as it stands against today's readings: every way to fish every lure, ranked by the angler's rules. */
final readonly class RankedBox
{
    /** Columns in which lures are alike that are the same choice. */
    private const ALIKE = ['family', 'mass_kg', 'finish', 'red_near_hooks', 'accents', 'build', 'holes', 'balance_x', 'balance_y'];

    public Chooser $chooser;

    public Day $day;

    /** @var list<Pick> best first */
    public array $ranked;

    /**
     * @param  array<int, KeptLure>  $rows  by id
     * @param  list<Lure>  $box  one of each
     * @param  list<UnusableRow>  $aside  what is kept and cannot be used
     */
    private function __construct(
        public Kit $kit,
        public ReadingBook $book,
        public array $rows,
        public array $box,
        public Situation $situation,
        public ?TiedOn $tiedOn,
        public RuleChoices $choices,
        public RuleBook $rules,
        public array $aside,
        private Day $fished,
        public ?Learning $learning,
    ) {
        $this->chooser = new Chooser($rules);
        $this->ranked = $this->chooser->rank($situation, $box, $tiedOn);
        $this->day = $this->day();
    }

    /** The day so far, from the level that the record gives it once there is enough of one. */
    private function day(): Day
    {
        $first = $this->ranked[0] ?? null;
        if ($this->learning === null || $first === null) {
            return $this->fished;
        }
        $byRules = static fn (Pick $pick): float => $pick->points - $pick->pointsBy(RecordRule::ID);

        return new Day($this->fished->stints, RecordRule::dayRate(
            $this->learning, $byRules($first), max([-INF, ...array_map($byRules, $this->ranked)]), $first->pointsBy(RecordRule::ID),
        ), $this->fished->trials, $this->fished->here);
    }

    /**
     * For readings that are at hand, and for what is tied on.
     *
     * @throws InvalidInput when the readings together are impossible
     */
    public static function of(Kit $kit, ReadingBook $book): self
    {
        $all = [];
        foreach ($kit->lures as $lure) {
            $all[$lure->id()] = $lure;
        }
        $tied = $kit->day->inHand;
        [$box, $stands, $lost] = self::different($all, $book, $tied?->lure, $kit->pinned);
        $choices = RuleChoices::of($kit->rules, $book->settings->units);
        [$species, $temp] = [$book->text('species'), $book->si('temp')];
        $learning = $species === null || $temp === null ? null : $kit->record->of($species, TempBand::of($temp));
        $today = Today::of($kit->day, $stands, $book->settings->trials, $book->now, $kit->day->spot ?? $book->spotId);
        $wrong = array_diff_key($all, $stands, $lost);

        return new self(
            kit: $kit,
            book: $book,
            rows: array_diff_key(array_intersect_key($all, $stands), $lost),
            box: $box,
            situation: $book->situation($kit->line->diameterM)->logged($today->brightMetalMin, $today->brightMetalTouched),
            tiedOn: $tied === null ? null : TiedOn::in($box, (string) $tied->lure, $tied->hole, $tied->cadence),
            choices: $choices,
            rules: self::withRecord($choices->book(), $learning),
            aside: [
                ...$kit->madeUp, ...$book->aside, ...$kit->line->aside, ...$choices->aside,
                ...array_values(array_map(static fn (KeptLure $lure): UnusableRow => $lure->unusable(), $wrong)),
            ],
            fished: $today->day,
            learning: $learning,
        );
    }

    /** The same box ranked by other rules; what the record says stands beside them. */
    public function by(RuleBook $rules): self
    {
        return new self(
            kit: $this->kit,
            book: $this->book,
            rows: $this->rows,
            box: $this->box,
            situation: $this->situation,
            tiedOn: $this->tiedOn,
            choices: $this->choices,
            rules: self::withRecord($rules, $this->learning),
            aside: $this->aside,
            fished: $this->fished,
            learning: $this->learning,
        );
    }

    private static function withRecord(RuleBook $rules, ?Learning $learning): RuleBook
    {
        $record = $learning === null ? null : RecordRule::of($learning);

        return $record === null ? $rules : $rules->and($record);
    }

    /** "lure.hole.cadence" */
    public static function key(Pick $pick): string
    {
        $candidate = $pick->candidate;

        return $candidate->lure->id.'.'.($candidate->hole()->name ?? '').'.'.($candidate->cadence->value ?? '');
    }

    public function find(string $key): ?Pick
    {
        foreach ($this->ranked as $pick) {
            if (self::key($pick) === $key) {
                return $pick;
            }
        }

        return null;
    }

    /** @throws InvalidInput when nothing in the box is fished so today */
    public function demand(string $key): Pick
    {
        return $this->find($key) ?? throw InvalidInput::because(
            'pick', 'That lure is not in your box, or is not fished that way today. Choose another.',
        );
    }

    /** What would have to be otherwise before another lure came first. */
    public function sensitivity(): Sensitivity
    {
        return new Sensitivity(
            $this->chooser, $this->situation, $this->box, $this->tiedOn,
            $this->book->driftIsFromWind() ? $this->book->measured->driftPerWind() : null,
        );
    }

    /** @return array<int|string, non-empty-list<Pick>> every way by lure, the best lure first */
    public function byLure(): array
    {
        $byLure = [];
        foreach ($this->ranked as $pick) {
            $byLure[$pick->candidate->lure->id][] = $pick;
        }

        return $byLure;
    }

    public function row(Lure $lure): KeptLure
    {
        return $this->rows[(int) $lure->id] ?? throw new \LogicException('A pick is always of the box.');
    }

    /**
     * One of each: several of the same are the same choice. What is tied on or pinned stands for its like. A row that
     * cannot be read stands for nothing, and what is lost cannot be chosen.
     *
     * @param  array<int, KeptLure>  $rows
     * @return array{list<Lure>, array<int, int>, array<int, string>} and by the id of each lure that of the one that stands
     *     for it; by id those that are lost
     */
    private static function different(array $rows, ReadingBook $book, ?int $tied, ?int $pinned): array
    {
        $box = [];
        $kinds = [];
        $lost = [];
        foreach ($rows as $id => $row) {
            $alike = implode('|', [...array_map($row->text(...), self::ALIKE), $book->measured->knows($id) ? $id : '']);
            if (! $row->hasSoundSize()) {
                continue;
            }
            if ($row->isLost() && $id !== $tied) {
                $lost[$id] = $alike;

                continue;
            }
            if (! array_key_exists($alike, $box) || $id === $tied || ($id === $pinned && $box[$alike]?->id !== (string) $tied)) {
                $box[$alike] = $row->soundLure($book->measured);
            }
            if ($box[$alike] !== null) {
                $kinds[$id] = $alike;
            }
        }

        // What a lost one caught counts for its like.
        $kinds += array_filter($lost, static fn (string $alike): bool => isset($box[$alike]));

        return [
            array_values(array_filter($box)), array_map(static fn (string $alike): int => (int) $box[$alike]?->id, $kinds), $lost,
        ];
    }
}
