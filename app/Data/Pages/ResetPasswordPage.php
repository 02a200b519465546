<?php

declare(strict_types=1);

namespace App\Data\Pages;

final readonly class ResetPasswordPage extends Page
{
    public function __construct(
        public string $token,
        public string $email,
    ) {
    }
}
