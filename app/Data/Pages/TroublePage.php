<?php

declare(strict_types=1);

namespace App\Data\Pages;

final readonly class TroublePage extends Page
{
    public function __construct(
        public int $status,
        public string $sentence,
    ) {
    }
}
