<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Lure;
use App\Models\User;
use App\Tackle\LureForm;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Fills the demo angler's box with many different lures, for measuring. Never run by bin/demo. */
final class BenchBox extends Command
{
    protected $signature = 'bench:box {count=2000}';

    protected $description = 'Fill the demo box with many lures, to measure with';

    public function handle(): int
    {
        $user = User::query()->where('email', config('eskith.demo_email'))->firstOrFail();
        $families = Family::cases();
        $finishes = Finish::cases();
        $rows = [];
        for ($i = 0; $i < (int) $this->argument('count'); $i++) {
            $model = new Lure([...LureForm::columns([
                'family' => $families[$i % 4]->value, 'weight' => (1 + $i % 8).'/8 oz', 'finish' => $finishes[$i % 10]->value,
                'notes' => Words::of('number {i}', i: $i),
            ], Unit::Ounce), 'user_id' => $user->id, 'uuid' => (string) Str::uuid(), 'position' => 1000 + $i, 'red_near_hooks' => false]);
            $rows[] = $model->getAttributes();
        }
        foreach (array_chunk($rows, 100) as $chunk) {
            Lure::query()->insert($chunk);
        }

        return self::SUCCESS;
    }
}
