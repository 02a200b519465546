<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** Something worth saying, how sure it is, and where its picture is. */
final readonly class RecordFindingData
{
    /**
     * @param  string  $under  how sure it is and from how much, '' where the words say it
     * @param  string  $standing  "clear", "close", "vanishes", "thin", or "" for what is only counted
     * @param  string  $view  that shows it
     * @param  string  $factor  '' where it is of none
     */
    public function __construct(
        public string $words, public string $under, public string $standing, public string $view, public string $factor,
    ) {
    }
}
