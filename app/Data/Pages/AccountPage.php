<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Picture\PictureData;

final readonly class AccountPage extends Page
{
    public function __construct(
        public PictureData $picture,
        public string $email,
        public bool $isDemo,
    ) {
    }
}
