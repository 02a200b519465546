<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/**
 * The side view of a family, for every drawing of it: on screen, in print and on paper. Our own line, not measured from any
 * lure. Shares are of length and height; x from the nose to the tail, y down from the middle.
 */
final readonly class FamilyFigure
{
    private const BLADE = [
        ['M', [0.0, 0.0]], ['C', [0.03, -0.3, 0.22, -0.56, 0.44, -0.56]], ['C', [0.66, -0.56, 0.78, -0.2, 0.86, -0.13]],
        ['Q', [0.93, -0.22, 1.0, -0.42]], ['Q', [0.95, 0.0, 0.98, 0.3]], ['Q', [0.91, 0.16, 0.85, 0.08]],
        ['C', [0.72, 0.2, 0.5, 0.44, 0.3, 0.44]], ['C', [0.13, 0.44, 0.03, 0.28, 0.0, 0.0]], ['Z', []],
    ];

    private const TAIL_SPINNER = [
        ['M', [0.0, 0.0]], ['C', [0.0, -0.42, 0.2, -0.5, 0.42, -0.48]], ['C', [0.7, -0.42, 0.9, -0.14, 1.0, 0.0]],
        ['C', [0.9, 0.2, 0.66, 0.5, 0.36, 0.5]], ['C', [0.12, 0.5, 0.0, 0.3, 0.0, 0.0]], ['Z', []],
    ];

    private const SPOON = [
        ['M', [0.0, 0.0]], ['C', [0.05, -0.18, 0.16, -0.4, 0.34, -0.48]], ['C', [0.55, -0.56, 0.84, -0.36, 1.0, -0.12]],
        ['Q', [1.015, 0.0, 1.0, 0.12]], ['C', [0.84, 0.36, 0.55, 0.56, 0.34, 0.48]], ['C', [0.16, 0.4, 0.05, 0.18, 0.0, 0.0]], ['Z', []],
    ];

    /**
     * @param  list<array{string, list<float>}>  $path  commands of an SVG path, each a letter with its points
     * @param  float  $middle  share of the height from the back to the middle
     * @param  bool  $flat  a flat back that stands clear of its holes, and a gill drawn on its side
     * @param  array{float, float}|null  $tie  where the line is tied to one without holes; null ahead of its nose
     * @param  string  $tail  '' nothing, 'blade' a small blade on its swivel, 'wire' one on a wire
     * @param  float  $eye  where its eye is, from the nose
     * @param  list<array{string, float, float, float}>  $hooks  "front" or "rear", where along it, how far below the middle, and the
     *                                                       size in lengths
     */
    private function __construct(
        public array $path,
        public float $middle,
        public bool $flat,
        public ?array $tie,
        public string $tail,
        public float $eye,
        public array $hooks,
    ) {
    }

    public static function blade(): self
    {
        return new self(
            path: self::BLADE, middle: 0.56, flat: true, tie: [0.48, -0.52], tail: '', eye: 0.12,
            hooks: [['front', 0.34, 0.41, 0.15], ['rear', 0.985, 0.12, 0.17]],
        );
    }

    /** @param  string  $tail  '' or 'blade' */
    public static function spoon(string $tail = ''): self
    {
        return new self(
            path: self::SPOON, middle: 0.5, flat: false, tie: null, tail: $tail, eye: 0.14, hooks: [['rear', 1.0, 0.04, 0.17]],
        );
    }

    public static function tailSpinner(): self
    {
        return new self(
            path: self::TAIL_SPINNER, middle: 0.5, flat: false, tie: [0.36, -0.62], tail: 'wire', eye: 0.18,
            hooks: [['front', 0.5, 0.46, 0.26]],
        );
    }
}
