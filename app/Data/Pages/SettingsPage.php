<?php

declare(strict_types=1);

namespace App\Data\Pages;

final readonly class SettingsPage extends Page
{
    /**
     * @param  array<string, list<string>>  $choices
     * @param  array<string, string>  $settings
     */
    public function __construct(
        public array $choices,
        public array $settings,
    ) {
    }
}
