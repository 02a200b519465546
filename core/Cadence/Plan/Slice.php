<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

/** A trapezium between two heights, with straight sides. */
final readonly class Slice
{
    /**
     * @param  array{float, float}  $left  at the low and at the high end
     * @param  array{float, float}  $right
     */
    public function __construct(public float $low, public float $high, public array $left, public array $right)
    {
    }

    /** @return list<array{float, float}> */
    public function corners(): array
    {
        return [[$this->left[0], $this->low], [$this->right[0], $this->low], [$this->left[1], $this->high], [$this->right[1], $this->high]];
    }

    /** @return array{float, float} left and right side at a height */
    public function at(float $height): array
    {
        $share = ($height - $this->low) / ($this->high - $this->low);

        return [
            $this->left[0] + $share * ($this->left[1] - $this->left[0]), $this->right[0] + $share * ($this->right[1] - $this->right[0]),
        ];
    }

    /** Whether it lies on one below it along more than a point. */
    public function liesOn(self $below): bool
    {
        return min($this->right[0], $below->right[1]) - max($this->left[0], $below->left[1]) > 1e-9;
    }
}
