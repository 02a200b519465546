<?php

declare(strict_types=1);

namespace App\Data\Pages;

use Inertia\Inertia;
use Inertia\Response;

/** What a page is given: the class LurePage is the properties of resources/js/pages/Lure.tsx. */
abstract readonly class Page
{
    public function render(): Response
    {
        return Inertia::render(substr(class_basename(static::class), 0, -strlen('Page')), get_object_vars($this));
    }
}
