<?php

declare(strict_types=1);

namespace App\Data\Pages;

final readonly class AccountPage extends Page
{
    public function __construct(
        public string $email,
        public bool $isDemo,
    ) {
    }
}
