<?php

declare(strict_types=1);

namespace App\Choosing;

use App\Models\User;
use App\Readings\TodaysReadings;
use App\Rows\Surroundings;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\KeptLure;
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
     * @param  array<array-key, mixed>  $tried  readings that are only tried, name => text
     *
     * @throws InvalidInput when the lure is not in the box or has no such hole, or a tried reading cannot be used
     */
    public static function at(User $user, string $key, array $tried = []): self
    {
        [$id, $hole, $cadence] = [...explode('.', $key), '', '', ''];
        $row = $user->lures()->inBox()->find((int) $id)?->kept() ?? throw InvalidInput::because(
            'pick', 'That lure is no longer in your box; choose another.',
        );
        $book = TodaysReadings::of($user, $tried);
        $lure = $row->lure($book->measured);

        return new self(
            row: $row,
            lure: $lure,
            holeIndex: self::hole($lure, $hole),
            situation: $book->situation(Surroundings::line($user)->diameterM),
            book: $book,
            cadence: Cadence::tryFrom($cadence),
        );
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
