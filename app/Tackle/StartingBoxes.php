<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\User;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\StartingBox;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/** The usual dozens that an empty box is offered, and their way into it. */
final readonly class StartingBoxes
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * Puts some of a dozen in the box, once: the same uuid again adds nothing.
     *
     * @param  list<int>  $places  of those wanted
     * @return int how many
     *
     * @throws InvalidInput when none is wanted, or the box is full
     */
    public function take(string $uuid, StartingBox $kind, array $places): int
    {
        $wanted = array_intersect_key($kind->lures(), array_flip($places));
        if ($wanted === []) {
            throw InvalidInput::because('places', 'Leave at least one of them in.');
        }
        DB::transaction(function () use ($uuid, $wanted): void {
            foreach ($wanted as $place => $lure) {
                Box::of($this->user)->add(Uuid::uuid5($uuid, (string) $place)->toString(), $this->fields($lure));
            }
        });

        return count($wanted);
    }

    /** @return array<string, mixed> as they would be typed, marked as a usual one */
    private function fields(Lure $lure): array
    {
        $unit = $lure->isVibe() ? Unit::Gram : $this->user->settings()->units->lureWeight;
        // Half an ounce is 14 g to those who say grams.
        $weight = $unit === Unit::Gram ? round(1000 * $lure->massKg, $lure->isVibe() ? 1 : 0).' g' : $unit->print($lure->massKg);

        return [
            'family' => $lure->family->value, 'weight' => str_replace("\u{A0}", ' ', $weight), 'finish' => $lure->finish,
            'build' => ['usual' => true],
        ];
    }

    /** @return array<string, mixed> as it would stand in the box */
    public function columns(Lure $lure): array
    {
        return LureForm::columns($this->fields($lure), Unit::Ounce);
    }
}
