<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Edge;
use App\Models\Event;
use App\Models\Gear;
use App\Models\Line;
use App\Models\Mark;
use App\Models\Outing;
use App\Models\Picture;
use App\Models\Reading;
use App\Models\Rod;
use App\Models\Setup;
use App\Models\Survey;
use App\Models\TrackPart;
use App\Models\User;
use App\Models\Water;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Lays the demo where there is none, and moves its dates on so that it never looks stale. */
final class DemoToday extends Command
{
    protected $signature = 'demo:today';

    protected $description = 'Lay the demo data, or move its dates up to today';

    /** Columns that hold moments of the record. */
    private const MOMENTS = [
        Outing::class => ['started_at', 'ended_at'],
        Setup::class => ['tied_at', 'until_at'],
        Rod::class => ['created_at', 'retied_at'],
        Event::class => ['at', 'undone_at'],
        Reading::class => ['read_at'],
        Line::class => ['put_on'],
        Gear::class => ['put_on'],
        Mark::class => ['at'],
        Edge::class => ['seen_on'],
        Survey::class => ['from_at', 'until_at'],
        TrackPart::class => ['from_at'],
        Picture::class => ['at'],
        Water::class => ['level_at'],
    ];

    public function handle(): int
    {
        $angler = User::query()->where('email', config('eskith.demo_email'))->first();
        if ($angler === null) {
            $this->laravel->make(DemoSeeder::class)->run();

            return self::SUCCESS;
        }
        $last = Carbon::parse($angler->settings['demo_day'] ?? 'today');
        $seconds = (int) $last->diffInSeconds(Carbon::now());
        if ($seconds > 6 * 3600) {
            DB::transaction(fn () => $this->moveOn($angler, $seconds));
        }

        return self::SUCCESS;
    }

    private function moveOn(User $angler, int $seconds): void
    {
        foreach (self::MOMENTS as $class => $columns) {
            /** @var class-string<Model> $class */
            $class::query()->where('user_id', $angler->id)->each(function (Model $row) use ($columns, $seconds): void {
                foreach ($columns as $column) {
                    $moment = $row->getAttribute($column);
                    if ($moment instanceof Carbon) {
                        $row->setAttribute($column, $moment->copy()->addSeconds($seconds));
                    }
                }
                $row->save();
            }, 500);
        }
        $angler->update(['settings' => [...$angler->settings ?? [], 'demo_day' => Carbon::now()->toIso8601String()]]);
    }
}
