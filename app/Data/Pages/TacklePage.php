<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Tackle\BoxData;
use App\Data\Tackle\StartingBoxData;
use Eskith\Telling\Data\AsideData;

final readonly class TacklePage extends Page
{
    /**
     * @param  list<AsideData>  $aside  what is kept and cannot be used
     * @param  list<StartingBoxData>  $starting  what an empty box can begin with
     */
    public function __construct(
        public array $aside,
        public BoxData $box,
        public array $starting,
        public string $weightUnit,
    ) {
    }
}
