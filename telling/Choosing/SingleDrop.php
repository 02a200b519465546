<?php

declare(strict_types=1);

namespace Eskith\Telling\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\ReadingBook;

/** One lure on one hole in today's water, for questions about a single drop. */
final readonly class SingleDrop
{
    private function __construct(
        public KeptLure $row, public Lure $lure, public ?int $holeIndex, public Situation $situation, public ReadingBook $book,
        private ?Cadence $cadence,
    ) {
    }

    /**
     * @param  string  $key  "lure.hole.cadence" as picks are named
     *
     * @throws InvalidInput when the lure is not in the box or has no such hole
     */
    public static function at(Kit $kit, ReadingBook $book, string $key): self
    {
        $id = self::lureOf($key);
        foreach ($kit->lures as $lure) {
            if ($lure->id() === $id) {
                return self::of($lure, $book, $kit->line->diameterM, $key);
            }
        }
        throw self::gone();
    }

    /**
     * @param  string  $key  of a way to fish this lure
     * @param  float  $lineM  diameter of the main line
     *
     * @throws InvalidInput when it has no such hole
     */
    public static function of(KeptLure $row, ReadingBook $book, float $lineM, string $key): self
    {
        [, $hole, $cadence] = [...explode('.', $key), '', '', ''];
        $lure = $row->lure($book->measured);

        return new self(
            row: $row,
            lure: $lure,
            holeIndex: self::hole($lure, $hole),
            situation: $book->situation($lineM),
            book: $book,
            cadence: Cadence::tryFrom($cadence),
        );
    }

    /** Id of the lure of a key. */
    public static function lureOf(string $key): int
    {
        return (int) explode('.', $key)[0];
    }

    public static function gone(): InvalidInput
    {
        return InvalidInput::because('pick', 'That lure is no longer in your box. Choose another.');
    }

    /**
     * The same with another weight, line or hole; what was timed holds for the weight it was timed with.
     *
     * @throws InvalidInput when the lure has no such hole or weighs what no lure does
     */
    public function other(?float $massKg, ?float $lineM, ?string $hole): self
    {
        $lure = $massKg === null || $massKg === $this->lure->massKg ? $this->lure : $this->lure->weighing($massKg);
        $situation = $lineM === null ? $this->situation : $this->situation->with(lineDiameterM: $lineM);

        return new self(
            row: $this->row,
            lure: $lure,
            holeIndex: $hole === null ? $this->holeIndex : self::hole($lure, $hole),
            situation: $situation,
            book: $this->book,
            cadence: $this->cadence,
        );
    }

    public function candidate(): Candidate
    {
        $hung = Chooser::hung($this->situation, $this->lure, $this->holeIndex);

        return $this->cadence === null ? $hung : $hung->worked($this->cadence);
    }

    /** @throws InvalidInput */
    public static function hole(Lure $lure, string $name): ?int
    {
        if ($lure->holes === []) {
            return null;
        }
        foreach ($lure->holes as $index => $hole) {
            if ($hole->name === $name) {
                return $index;
            }
        }
        throw InvalidInput::because('hole', 'This lure has no such hole.');
    }
}
