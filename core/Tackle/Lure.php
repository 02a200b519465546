<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\InvalidInput;

/** One lure of the angler's own. */
final readonly class Lure
{
    public Body $body;

    /** Whether a spot of red near its hooks is among what was added. */
    public bool $redNearHooks;

    /** @var list<Accent> what was added to the main colour, in the order of the enum */
    public array $accents;

    /** Finish and all that was added: alike for lures that look alike. */
    public string $look;

    /** Alike for lures of one family and weight, with hooks of one sort. */
    public string $make;

    /** Alike for lures that also hang and fall alike. */
    public string $build;

    /**
     * @param  list<Hole>  $holes  nose first; empty when it has none or none was measured
     * @param  array<string, float>  $measuredDrag  falling drag coefficient from a timed drop, by hole name ('' without holes)
     * @param  list<Accent>  $accents
     */
    private function __construct(
        public string $id,
        public Family $family,
        public float $massKg,
        public string $finish,
        public array $holes,
        public ?Point $balance,
        public array $measuredDrag,
        Body $body,
        array $accents,
        /** Hooks that weed does not catch on. */
        public bool $weedless,
    ) {
        $this->body = $body;
        $this->accents = $accents;
        $this->redNearHooks = in_array(Accent::RedNearHooks, $accents, true);
        $this->look = implode('+', [$finish, ...array_map(static fn (Accent $accent): string => $accent->value, $accents)]);
        $this->make = "{$family->value} {$massKg}".($weedless ? ' weedless' : '');
        $build = $this->make;
        foreach ($holes as $hole) {
            $build .= "|{$hole->name} {$hole->at->x} {$hole->at->y}";
        }
        $build .= $balance === null ? '' : "|{$balance->x} {$balance->y}";
        foreach ($measuredDrag as $name => $drag) {
            $build .= "|{$name} {$drag}";
        }
        $this->build = $build;
    }

    /**
     * @param  list<Hole>  $holes
     * @param  array<string, float>  $measuredDrag
     * @param  list<Accent>  $accents  what was added to the finish
     *
     * @throws InvalidInput for a mass of nothing or a finish without a name
     */
    public static function of(
        string $id,
        Family $family,
        float $massKg,
        string $finish,
        bool $redNearHooks = false,
        array $holes = [],
        ?Point $balance = null,
        array $measuredDrag = [],
        array $accents = [],
        bool $weedless = false,
    ): self {
        if (trim($finish) === '') {
            throw InvalidInput::because('finish', 'Say which finish the lure has, such as silver.');
        }

        $given = $redNearHooks ? [...$accents, Accent::RedNearHooks] : $accents;
        // In the order in which they are told; most lures have none, and hundreds are made for an answer.
        $added = $given === []
            ? []
            : array_values(array_filter(Accent::cases(), static fn (Accent $accent): bool => in_array($accent, $given, true)));

        return new self(
            id: $id,
            family: $family,
            massKg: $massKg,
            finish: $finish,
            holes: $holes,
            balance: $balance,
            measuredDrag: $measuredDrag,
            body: Body::of($family, $massKg),
            accents: $added,
            weedless: $weedless,
        );
    }

    /**
     * The same lure in another weight, of which nothing was timed yet.
     *
     * @throws InvalidInput for a mass that no lure has
     */
    public function weighing(float $massKg): self
    {
        return new self(
            id: $this->id,
            family: $this->family,
            massKg: $massKg,
            finish: $this->finish,
            holes: $this->holes,
            balance: $this->balance,
            measuredDrag: [],
            body: Body::of($this->family, $massKg),
            accents: $this->accents,
            weedless: $this->weedless,
        );
    }

    /** Whether it shows gold: as its finish, or added to another. */
    public function hasGold(): bool
    {
        return Finish::showsGold($this->finish, $this->accents);
    }

    public function isVibe(): bool
    {
        return $this->family->isVibeAt($this->massKg);
    }

    public function atMost(float $massKg): bool
    {
        return Mass::atMost($this->massKg, $massKg);
    }

    public function isSpoon(): bool
    {
        return $this->family->isSpoon();
    }
}
