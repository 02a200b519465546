<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** "The flow runs away" became where the water runs: away, toward or across. What was not running away says nothing of it. */
return new class extends Migration
{
    public function up(): void
    {
        DB::table('readings')->where('name', 'runs')->delete();
        DB::table('readings')->where('name', 'away')->where('text', 'yes')->update(['name' => 'runs', 'text' => 'away']);
        DB::table('readings')->where('name', 'away')->delete();
        $this->each('outings', 'readings', static function (array $readings): array {
            $away = $readings['away'] ?? null;
            unset($readings['away']);

            return $away === 'yes' ? [...$readings, 'runs' => 'away'] : $readings;
        });
        $this->each('rule_choices', 'own', static function (array $own): array {
            $own['when'] = array_map(static function (mixed $one): mixed {
                if (! is_array($one) || ($one['reading'] ?? null) !== 'away') {
                    return $one;
                }
                $any = is_array($one['any'] ?? null) ? $one['any'] : [];

                return [...$one, 'reading' => 'runs', 'any' => [
                    ...(in_array('yes', $any, true) ? ['away'] : []), ...(in_array('no', $any, true) ? ['toward', 'across'] : []),
                ]];
            }, is_array($own['when'] ?? null) ? $own['when'] : []);

            return $own;
        });
    }

    public function down(): void
    {
        DB::table('readings')->where('name', 'runs')->where('text', 'away')->update(['name' => 'away', 'text' => 'yes']);
        DB::table('readings')->where('name', 'runs')->delete();
    }

    /** @param  \Closure(array<array-key, mixed>): array<array-key, mixed>  $now */
    private function each(string $table, string $column, Closure $now): void
    {
        foreach (DB::table($table)->where($column, 'like', '%"away"%')->get(['id', $column]) as $row) {
            $kept = is_string($row->{$column}) ? json_decode($row->{$column}, true) : null;
            if (is_array($kept)) {
                DB::table($table)->where('id', $row->id)->update([$column => json_encode($now($kept), JSON_THROW_ON_ERROR)]);
            }
        }
    }
};
