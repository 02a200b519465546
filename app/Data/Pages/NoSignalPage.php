<?php

declare(strict_types=1);

namespace App\Data\Pages;

/** What opens on the water in place of a page that the device does not have: it knows nobody, and is kept for everybody. */
final readonly class NoSignalPage extends Page
{
}
