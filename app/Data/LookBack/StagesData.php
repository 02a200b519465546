<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** Where fish are lost: all, and by level of a factor. */
final readonly class StagesData
{
    /**
     * @param  list<StageData>  $levels
     * @param  list<BackDownData>  $backDown  empty while too little is known of that
     */
    public function __construct(public string $factor, public StageData $all, public array $levels, public array $backDown)
    {
    }
}
