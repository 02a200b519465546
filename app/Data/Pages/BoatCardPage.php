<?php

declare(strict_types=1);

namespace App\Data\Pages;

final readonly class BoatCardPage extends Page
{
    public function __construct(
        public string $place,
        public ?string $pick,
    ) {
    }
}
