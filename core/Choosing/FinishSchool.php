<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** Two schools of the finish. */
enum FinishSchool: string
{
    case ForageAndSilhouette = 'forage-and-silhouette';
    case FlashByLight = 'flash-by-light';

    public function word(): string
    {
        return match ($this) {
            self::ForageAndSilhouette => 'forage and silhouette',
            self::FlashByLight => 'flash by light',
        };
    }
}
