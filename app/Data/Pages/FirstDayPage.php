<?php

declare(strict_types=1);

namespace App\Data\Pages;

use Eskith\Telling\Data\OptionData;

final readonly class FirstDayPage extends Page
{
    /**
     * @param  list<OptionData>  $kinds  of water
     * @param  list<OptionData>  $fish
     */
    public function __construct(public array $kinds, public array $fish)
    {
    }
}
