<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\Caps;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Facades\DB;
use PDOStatement;

/**
 * Rows put into one table of an angler, as they come: one that is there already is known again, one for which there is no room
 * is refused. Written by a statement that is prepared once, since there may be hundreds of thousands.
 */
final class RowsInto
{
    /** Whether others lead to rows of this table. */
    public readonly bool $isLedTo;

    public int $added = 0;

    public int $there = 0;

    private int $room;

    /** Whether rows are known by ids and figures alone. */
    private readonly bool $isPlain;

    /** @var array<string, int> by what rows are known by: their ids */
    private array $have = [];

    /** @var array<int, int>|null by water: room that is left in it; null where that is not counted */
    private ?array $roomInWaters = null;

    /** @var array<int, int> by survey: its water */
    private array $waterOf = [];

    /** @var array<int, true> outings that are taken away: nothing more goes into them */
    private array $away = [];

    /** Rows written by one statement, where nobody needs their ids. */
    private const AT_ONCE = 100;

    /** @var array<int, PDOStatement> by how many rows it writes */
    private array $statements = [];

    /** @var list<mixed> values of rows that are not written yet */
    private array $values = [];

    private int $unwritten = 0;

    /** @var list<string> columns, in the order in which they are given */
    private array $columns = [];

    private function __construct(private readonly Table $table, private readonly int $angler)
    {
        $this->isLedTo = in_array($table->name, Tables::ledTo(), true);
        $this->isPlain = preg_grep('/^uuid$|_id$|_m$/', $table->known, PREG_GREP_INVERT) === [];
        foreach (DB::table($table->name)->where('user_id', $angler)->select(['id', ...$table->known])->cursor() as $row) {
            $this->have[$this->key(get_object_vars($row))] = Coerce::whole($row->id);
        }
        $this->room = Caps::of($table->name) - count($this->have);
        if (Caps::ofWater($table->name) !== null) {
            $this->countWaters();
        }
        if (isset($table->links['outing_id'])) {
            $ids = DB::table('outings')->where('user_id', $angler)->whereNotNull('deleted_at')->pluck('id')->all();
            $this->away = array_fill_keys(array_map(Coerce::whole(...), $ids), true);
        }
    }

    public static function of(Table $table, int $angler): self
    {
        return new self($table, $angler);
    }

    private function countWaters(): void
    {
        $name = $this->table->name;
        $rows = DB::table($name)->where("{$name}.user_id", $this->angler);
        if ($name === 'soundings') {
            $rows->join('surveys', 'surveys.id', '=', 'soundings.survey_id');
            foreach (DB::table('surveys')->where('user_id', $this->angler)->pluck('water_id', 'id') as $survey => $water) {
                $this->waterOf[(int) $survey] = Coerce::whole($water);
            }
        }
        $this->roomInWaters = [];
        foreach ($rows->groupBy('water_id')->selectRaw('water_id, count(*) as many')->get() as $water) {
            $this->roomInWaters[Coerce::whole($water->water_id)] = (int) Caps::ofWater($name) - Coerce::whole($water->many);
        }
    }

    /**
     * @param  array<string, mixed>  $row  columns
     * @return int|null its id, 0 where nobody needs it; null where there is no room for it
     */
    public function add(array $row): ?int
    {
        $key = $this->key($row);
        if (isset($this->have[$key])) {
            $this->there++;

            return $this->have[$key];
        }
        if ($this->room < 1 || isset($this->away[Coerce::whole($row['outing_id'] ?? 0)]) || ! $this->fitsItsWater($row)) {
            return null;
        }
        $this->room--;
        $this->added++;
        $this->columns = $this->columns ?: ['user_id', ...array_keys($row)];
        $this->values[] = $this->angler;
        foreach ($row as $value) {
            $this->values[] = is_bool($value) ? (int) $value : $value;
        }
        $this->unwritten++;
        if ($this->isLedTo) {
            return $this->have[$key] = $this->write();
        }
        $this->have[$key] = 0;
        if ($this->unwritten >= self::AT_ONCE) {
            $this->write();
        }

        return 0;
    }

    /** Writes what is not written yet. */
    public function end(): void
    {
        if ($this->unwritten > 0) {
            $this->write();
        }
    }

    /** @param  array<string, mixed>  $row */
    private function fitsItsWater(array $row): bool
    {
        if ($this->roomInWaters === null) {
            return true;
        }
        $water = isset($row['survey_id']) ? $this->waterOf[Coerce::whole($row['survey_id'])] ?? 0 : Coerce::whole($row['water_id'] ?? 0);
        $this->roomInWaters[$water] ??= (int) Caps::ofWater($this->table->name);

        return $this->roomInWaters[$water]-- > 0;
    }

    /** @return int the id of the last row */
    private function write(): int
    {
        $connection = DB::connection();
        $pdo = $connection->getPdo();
        $this->statements[$this->unwritten] ??= $pdo->prepare($connection->getQueryGrammar()->compileInsert(
            DB::table($this->table->name), array_fill(0, $this->unwritten, array_fill_keys($this->columns, 0)),
        ));
        $this->statements[$this->unwritten]->execute($this->values);
        [$this->values, $this->unwritten] = [[], 0];

        return $this->isLedTo ? (int) $pdo->lastInsertId() : 0;
    }

    /** @param  array<array-key, mixed>  $row */
    private function key(array $row): string
    {
        $key = '';
        foreach ($this->table->known as $column) {
            $key .= Coerce::text($row[$column])."\n";
        }

        return $this->isPlain ? strtolower($key) : mb_strtolower($key);
    }
}
