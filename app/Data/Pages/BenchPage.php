<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Tackle\BenchData;

final readonly class BenchPage extends Page
{
    public function __construct(
        public BenchData $bench,
    ) {
    }
}
