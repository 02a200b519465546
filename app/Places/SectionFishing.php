<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\User;
use App\Models\Water;
use App\Plans\PlanBook;
use App\Readings\ReadingKeeper;
use App\Rows\TideAndLight;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Relief\Ledge;
use Eskith\Telling\Enums\PlanKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A section taken to the water: its depth is read, its ledges are laid out. */
final readonly class SectionFishing
{
    private function __construct(private User $user)
    {
    }

    public static function of(User $user): self
    {
        return new self($user);
    }

    /**
     * @param  string  $uuid  of the plan that comes of it
     * @return bool whether there are ledges, and so a plan
     *
     * @throws InvalidInput when nothing is sounded below the line, or too many plans stand
     */
    public function fish(Water $water, string $text, string $uuid): bool
    {
        $section = SectionLine::section($water, SectionLine::parse($text), WaterChart::of($water));
        if ($section->deepestM === null) {
            throw InvalidInput::because('line', 'Nothing is sounded below this line. Draw it where the chart is known.');
        }
        $level = TideAndLight::overWater($water)->levelM(Carbon::now());
        $unit = $this->user->settings()->units->depth;

        return DB::transaction(function () use ($section, $water, $level, $unit, $uuid): bool {
            ReadingKeeper::of($this->user)->keepPossible([
                'depth' => $unit->print(max(0.3, $section->deepestM + $level)), 'wall' => $section->walls === [] ? 'no' : 'yes',
            ]);
            if ($section->ledges === []) {
                return false;
            }
            $depths = array_map(static fn (Ledge $ledge): string => $unit->print($ledge->depthM + $level), $section->ledges);
            PlanBook::of($this->user)->keep($uuid, PlanKind::Ledges, "{$water->name}, section", ['depths' => implode(', ', $depths)]);

            return true;
        });
    }
}
