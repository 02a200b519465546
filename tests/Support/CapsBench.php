<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Database\Caps;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use PDO;
use Tests\Browser\Support\AppServer;

/** Every page of an angler who has as much of everything as one can have. */
final class CapsBench
{
    private const TIMES = 5;

    /** s that a page may take. */
    private const SLOW = 1.0;

    private const PAGES = [
        '/lure', '/second-look', '/water', '/rig', '/work', '/fish', '/look-back', '/look-back?view=rates', '/look-back?view=depth',
        '/look-back?view=same-day', '/look-back?view=stages', '/look-back?view=schools', '/look-back/places', '/look-back/trust',
        '/season.html', '/outings',
        '/tackle', '/gear', '/places', '/rules', '/settings', '/this-phone',
        '/cadences', '/boat-card', '/boat-card.html', '/account', '/chart',
    ];

    private function __construct(private readonly PDO $records, private readonly int $angler)
    {
    }

    /**
     * Prints a line for each page; 1 when one is slow.
     *
     * @param  list<string>  $pages  these alone; all of them where there are none
     */
    public static function run(array $pages): int
    {
        $server = AppServer::start(2);
        try {
            $records = $server->records();
            $angler = (int) $records->query("SELECT id FROM users WHERE email = 'demo@eskith.invalid'")->fetchColumn();
            self::fill($records, $angler);
            $jar = CookieJar::fromArray($server->demoVisit(), '127.0.0.1');
            $client = new Client(['base_uri' => $server->url, 'cookies' => $jar, 'timeout' => 120, 'http_errors' => false]);
            $slow = 0;
            $outing = $records->query("SELECT uuid FROM outings WHERE user_id = {$angler} ORDER BY id LIMIT 1 OFFSET 30")
                ->fetchColumn();
            foreach ($pages ?: [...self::PAGES, "/outings/{$outing}"] as $page) {
                $times = [];
                for ($i = 0; $i < self::TIMES; $i++) {
                    $began = microtime(true);
                    $status = $client->get($page)->getStatusCode();
                    $times[] = microtime(true) - $began;
                }
                sort($times);
                $median = $times[intdiv(self::TIMES, 2)];
                $slow += (int) ($median > self::SLOW || $status >= 500);
                printf("%-28s %d  %.2f s  (%.2f to %.2f)\n", $page, $status, $median, $times[0], end($times));
            }

            return $slow === 0 ? 0 : 1;
        } finally {
            $server->stop();
        }
    }

    /** An angler who has a row of everything gets as many as one can have. */
    public static function fill(PDO $records, int $angler): void
    {
        (new self($records, $angler))->toTheBrim();
    }

    private function toTheBrim(): void
    {
        $this->records->exec('PRAGMA foreign_keys = OFF; PRAGMA synchronous = OFF');
        $this->records->beginTransaction();
        $this->records->exec("INSERT INTO measurements (user_id, uuid, kind, value, method, measured_at, lure_id)
            SELECT user_id, 'm', 'drop', 3.0, 'timed', '2026-01-01 00:00:00',
                id FROM lures WHERE family = 'spoon' AND user_id = {$this->angler} LIMIT 1");
        $this->records->exec("INSERT INTO history (user_id, uuid, what, at)
            VALUES ({$this->angler}, 'h', 'Sharpened', '2026-01-01 00:00:00')");
        $this->records->exec("INSERT INTO pauses (user_id, uuid, outing_id, why, from_at, until_at)
            SELECT user_id, 'p', id, 'eating', started_at, started_at FROM outings WHERE user_id = {$this->angler} LIMIT 1");
        $this->more('waters', ['name' => "'More ' || n"]);
        $this->more('spots', ['name' => "'Spot ' || n", 'water_id' => $this->oneOf('waters', 190)]);
        $this->more('lines', ['name' => "'Line ' || n", 'in_use' => '0']);
        $this->more('lures', ['position' => 'n']);
        $this->more('gear', ['name' => "'Thing ' || n"]);
        $this->more('rods', ['name' => "'Rod ' || n", 'ashore_at' => "CASE WHEN n < 12 THEN NULL ELSE '2026-01-01 00:00:00' END"]);
        $this->more('measurements', []);
        $this->more('plans', ['outing_id' => 'NULL']);
        $this->more('marks', ['water_id' => $this->oneOf('waters', 950), 'east_m' => 'n % 300', 'north_m' => 'n / 300']);
        $this->more('edges', ['water_id' => $this->oneOf('waters', 190)]);
        $this->more('surveys', ['water_id' => $this->oneOf('waters', 190)]);
        $this->more('outings', [
            'started_at' => "datetime('2021-01-01 07:00:00', '+' || n || ' days')",
            'ended_at' => "datetime('2021-01-01 13:00:00', '+' || n || ' days')",
        ]);
        $this->more('setups', ['outing_id' => $this->oneOf('outings'), 'lure_id' => $this->oneOf('lures'), 'until_at' => 'NULL',
            'cadence' => "'short_pop'",
            'tied_at' => "datetime('2021-01-01 07:30:00', '+' || (n % 990) || ' days')"]);
        $this->more('tracks', ['outing_id' => $this->oneOf('outings', 20)]);
        $this->more('history', []);
        $this->more('pauses', ['outing_id' => $this->oneOf('outings')]);
        $this->more('events', ['setup_id' => $this->oneOf('setups'),
            'at' => "strftime('%Y-%m-%d %H:%M:%f', '2021-01-01 08:00:00', '+' || (n % 990) || ' days')"]);
        $this->records->exec('UPDATE events SET outing_id = (SELECT outing_id FROM setups WHERE setups.id = events.setup_id)');
        $this->pictures();
        $this->more('soundings', ['survey_id' => $this->oneOf('surveys', 29_900, 200), 'east_m' => '(n % 170) * 7.0',
            'north_m' => '(n / 170 % 170) * 7.0']);
        $this->records->commit();
        foreach (['waters', 'lures', 'outings', 'setups', 'events', 'soundings'] as $table) {
            echo "{$table} ".$this->records->query("SELECT count(*) FROM {$table} WHERE user_id = {$this->angler}")->fetchColumn().', ';
        }
        echo "\n";
    }

    /** As many as there is room for, all of one size. */
    private function pictures(): void
    {
        $size = intdiv(Caps::PICTURE_BYTES, Caps::of('pictures'));
        $photo = Photo::filling($size);
        $this->records->exec("INSERT INTO pictures (user_id, uuid, lure_id, width, height, size, at)
            SELECT user_id, 'p', id, 64, 48, {$size}, '2026-01-01 00:00:00' FROM lures WHERE user_id = {$this->angler} LIMIT 1");
        $this->more('pictures', ['lure_id' => $this->oneOf('lures')]);
        $file = $this->records->prepare("INSERT INTO picture_files (picture_id, bytes)
            SELECT id, ? FROM pictures WHERE user_id = {$this->angler} AND id NOT IN (SELECT picture_id FROM picture_files)");
        $file->bindValue(1, $photo, PDO::PARAM_LOB);
        $file->execute();
    }

    /** One row of the angler's for each row made, in turn; or the same one so many times, and then one so many further on. */
    private function oneOf(string $table, int $times = 1, int $onward = 1): string
    {
        $this->records->exec("DROP TABLE IF EXISTS turn_{$table}");
        $this->records->exec("CREATE TEMP TABLE turn_{$table} AS
            SELECT row_number() OVER (ORDER BY id) - 1 AS no, id FROM {$table} WHERE user_id = {$this->angler}");
        $this->records->exec("CREATE INDEX temp.turn_{$table}_no ON turn_{$table} (no)");

        return "(SELECT id FROM turn_{$table} WHERE no = (n / {$times}) * {$onward} % (SELECT count(*) FROM turn_{$table}))";
    }

    /**
     * Rows like one that is there, up to as many as one can have.
     *
     * @param  array<string, string>  $other  columns that are otherwise, in SQL; n counts
     */
    private function more(string $table, array $other): void
    {
        $all = $this->records->query("PRAGMA table_info({$table})")->fetchAll(PDO::FETCH_ASSOC);
        $columns = array_diff(array_column($all, 'name'), ['id']);
        $there = (int) $this->records->query("SELECT count(*) FROM {$table} WHERE user_id = {$this->angler}")->fetchColumn();
        $values = array_map(static fn (string $column): string => $other[$column] ?? ($column === 'uuid'
            ? "lower(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4' || substr(hex(randomblob(2)), 2)
                || '-8' || substr(hex(randomblob(2)), 2)
                || '-' || hex(randomblob(6)))" : "one.{$column}"), $columns);
        $this->records->exec("WITH RECURSIVE c(n) AS (SELECT {$there} UNION ALL SELECT n + 1 FROM c WHERE n + 1 < ".Caps::of($table).")
            INSERT INTO {$table} (".implode(', ', $columns).') SELECT '.implode(', ', $values)." FROM c, (SELECT * FROM {$table}
            WHERE user_id = {$this->angler} ORDER BY id DESC LIMIT 1) AS one WHERE n < ".Caps::of($table));
    }
}
