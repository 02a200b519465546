<?php

declare(strict_types=1);

namespace App\Data\Pages;

/** What the phone in hand is used for: all of it is of the device, so the server gives nothing to it. */
final readonly class PhonePage extends Page
{
}
