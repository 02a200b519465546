<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Picture\PictureData;
use App\Data\Tackle\BoxData;
use App\Data\Tackle\StartingBoxData;

final readonly class TacklePage extends Page
{
    /**
     * @param  list<StartingBoxData>  $starting  what an empty box can begin with
     */
    public function __construct(
        public PictureData $picture,
        public BoxData $box,
        public array $starting,
        public string $weightUnit,
    ) {
    }
}
