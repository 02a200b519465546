<?php

declare(strict_types=1);

namespace App\Account;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Care\HeldIn;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Formats\FixText;
use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Material;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Profile;
use Eskith\Telling\Enums\BitePhase;
use Eskith\Telling\Enums\EdgeKind;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\Flew;
use Eskith\Telling\Enums\GearKind;
use Eskith\Telling\Enums\HookHeld;
use Eskith\Telling\Enums\LostAt;
use Eskith\Telling\Enums\MarkKind;
use Eskith\Telling\Enums\MeasurementKind;
use Eskith\Telling\Enums\PauseWhy;
use Eskith\Telling\Enums\PlanKind;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Enums\SurveySource;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Rig\RodRead;

/** Every table that holds something of an angler's, in an order in which each leads only to those before it. */
final class Tables
{
    /** What belongs to an angler and is not archived: instruments say it anew, crews are of others too, a share is of this server. */
    public const LEFT_OUT = ['feeds', 'crews', 'water_shares'];

    /** Columns that lead to what is not archived, or of which the day is over soon. */
    public const COLUMNS_LEFT_OUT = ['crew_id', 'shares_tags', 'forecast', 'forecast_at'];

    /** @return list<Table> */
    public static function all(): array
    {
        return [...self::places(), ...self::tackle(), ...self::record(), ...self::ground(), PictureTable::table(), ...self::own()];
    }

    /** @return list<string> names of those that others, the account itself, or files beside the lists lead to */
    public static function ledTo(): array
    {
        return array_values(array_unique(array_merge(['lures', 'rods', PictureTable::NAME], ...array_map(
            static fn (Table $table): array => array_values($table->links), self::all(),
        ))));
    }

    public static function named(string $name): Table
    {
        foreach (self::all() as $table) {
            if ($table->name === $name) {
                return $table;
            }
        }

        throw new \LogicException("There is no table {$name}.");
    }

    /** @return list<Table> */
    private static function places(): array
    {
        return [
            new Table('waters', [
                'name' => Column::text(255), 'kind' => Column::text(20),
                'profile' => Column::one(self::values(Profile::cases())), 'salinity' => Column::number(0, 45),
                'local_rules' => Column::text(400), 'protected_fish' => Column::text(120), 'tide' => Column::json(8000)->orNone(),
                'latitude' => Column::number(-89, 89)->orNone(), 'longitude' => Column::number(-180, 180)->orNone(),
                'level_m' => Column::number(-100, 100)->orNone(), 'level_text' => Column::text(40)->orNone(),
                'level_at' => Column::moment()->orNone(), 'flood_deg' => Column::number(0, 360)->orNone(),
                'fastest_ms' => Column::number(0, 6)->orNone(), 'fastest_text' => Column::text(40)->orNone(),
                'forecast_address' => Column::text(300)->orNone(),
                'ground' => Column::whole(0, 4_000_000_000)->orElse(0), ...self::written(),
            ], known: ['name']),
            new Table('spots', [
                'name' => Column::text(255), 'depth_m' => Column::number(0, 150)->orNone(),
                'bottom' => Column::one(self::values(Bottom::cases()))->orNone(), 'wall' => Column::flag(),
                'east_m' => self::metres()->orNone(), 'north_m' => self::metres()->orNone(),
                'facing_deg' => Column::number(0, 360)->orNone(), ...self::written(),
            ], ['water_id' => 'waters'], known: ['water_id', 'name']),
            new Table('card_rules', [
                'species' => Column::text(40), ...self::lengths('shortest', 'longest', 'slot_from', 'slot_to'),
                'bag' => Column::whole(0, 500)->orNone(), 'closed_from' => Column::text(5)->orNone(),
                'closed_to' => Column::text(5)->orNone(), ...self::written(),
            ], ['water_id' => 'waters'], known: ['water_id', 'species']),
        ];
    }

    /** @return list<Table> marks lead to outings, so these come after them */
    private static function ground(): array
    {
        return [
            new Table('marks', [
                'uuid' => Column::uuid(), 'kind' => Column::one(self::values(MarkKind::cases())), 'east_m' => self::metres(),
                'north_m' => self::metres(), 'about' => Column::flag(), 'accuracy_m' => Column::number(0, 1_000)->orNone(),
                'depth_m' => Column::number(0, 500)->orNone(), 'bottom' => Column::one(
                    self::values(Bottom::cases())
                )->orNone(), 'side' => Column::text(80), 'direction' => Column::text(80),
                'note' => Column::text(300), 'at' => Column::moment(),
            ], ['water_id' => 'waters', 'outing_id' => 'outings'], ['outing_id']),
            new Table('edges', [
                'uuid' => Column::uuid(), 'kind' => Column::one(self::values(EdgeKind::cases())), 'name' => Column::text(80),
                'points' => Column::json(40_000), 'seen_on' => Column::moment(),
            ], ['water_id' => 'waters']),
            new Table('surveys', [
                'uuid' => Column::uuid(), 'name' => Column::text(80), 'source' => Column::one(self::values(SurveySource::cases())),
                'from_at' => Column::moment(), 'until_at' => Column::moment()->orNone(), 'seconds' => Column::whole(0, 4_000_000_000),
                'brought' => Column::whole(0, 4_000_000_000), 'spikes' => Column::whole(0, 4_000_000_000),
            ], ['water_id' => 'waters']),
            new Table('soundings', [
                'east_m' => self::metres(), 'north_m' => self::metres(), 'depth_m' => Column::number(-100, 600),
                'at' => Column::moment()->orNone(),
            ], ['survey_id' => 'surveys'], known: ['survey_id', 'east_m', 'north_m']),
        ];
    }

    /** A place round its water. */
    private static function metres(): Column
    {
        return Column::number(-Frame::FARTHEST_M, Frame::FARTHEST_M);
    }

    /** @return list<Table> */
    private static function tackle(): array
    {
        return [
            new Table('lines', [
                'name' => Column::text(255), 'kind' => Column::text(20), 'diameter_m' => Column::number(0.00002, 0.003),
                'diameter_text' => Column::text(40),
                'break_n' => Column::number(0, 2000), 'break_text' => Column::text(40), 'in_use' => Column::flag(),
                'put_on' => Column::moment()->orNone(), ...self::written(),
            ], known: ['name', 'diameter_text']),
            new Table('lures', [
                'uuid' => Column::uuid(), 'position' => Column::whole(0, 1_000_000_000), 'family' => Column::text(20),
                'mass_kg' => Column::number(0, 0.5), 'mass_text' => Column::text(40),
                'finish' => Column::text(40), 'red_near_hooks' => Column::flag(), 'length_mm' => Column::number(3, 300),
                'height_mm' => Column::number(3, 300), 'accents' => Column::json(200)->orNone(), 'holes' => Column::json(2000),
                'balance_x' => Column::number(-300, 300)->orNone(), 'balance_y' => Column::number(-300, 300)->orNone(),
                'retired_at' => Column::moment()->orNone(),
                'quantity' => Column::whole(1, 999), 'lost' => Column::whole(0, 999), 'buy_again' => Column::flag(),
                'build' => Column::json(4000)->orNone(), 'hooks' => Column::json(2000)->orNone(),
                'notes' => Column::text(500), 'search' => Column::text(300), 'version' => Column::whole(1, PHP_INT_MAX), ...self::written(),
            ], sound: static fn (array $row): bool => (new KeptLure($row))->isSound()),
            new Table('gear', [
                'uuid' => Column::uuid(), 'kind' => Column::one(self::values(GearKind::cases())), 'name' => Column::text(80),
                'details' => Column::text(120), 'quantity' => Column::whole(1, 999),
                'put_on' => Column::moment()->orNone(), 'retired_at' => Column::moment()->orNone(),
            ]),
            new Table('rods', [
                'uuid' => Column::uuid(), 'name' => Column::text(80), 'length_m' => Column::number(...RodRead::ROD_M),
                'length_text' => Column::text(40), 'lifts_kg' => Column::number(...RodRead::LIFTS_KG), 'lifts_text' => Column::text(40),
                'leader' => Column::one(self::values(Material::cases()))->orNone(), 'leader_n' => Column::number(0, 2000)->orNone(),
                'leader_n_text' => Column::text(40)->orNone(), 'leader_m' => Column::number(...RodRead::LEADER_M)->orNone(),
                'leader_m_text' => Column::text(40)->orNone(), 'connector' => Column::one(self::values(Connector::cases())),
                'retied_at' => Column::moment()->orNone(), 'owner' => Column::text(40)->orNone(), 'still' => Column::flag()->orElse(false),
                'ashore_at' => Column::moment()->orNone(), ...self::written(),
            ], ['line_id' => 'lines'], ['line_id']),
            new Table('history', ['uuid' => Column::uuid(), 'what' => Column::text(120), 'at' => Column::moment()],
                ['lure_id' => 'lures', 'gear_id' => 'gear', 'line_id' => 'lines', 'rod_id' => 'rods'],
                ['lure_id', 'gear_id', 'line_id', 'rod_id']),
            new Table('measurements', [
                'uuid' => Column::uuid(), 'kind' => Column::one(self::values(MeasurementKind::cases())),
                'hole' => Column::text(20)->orNone(), 'value' => Column::number(-1e6, 1e6),
                'method' => Column::text(200), 'measured_at' => Column::moment(),
            ], ['lure_id' => 'lures'], ['lure_id'],
                sound: static fn (array $row): bool => MeasurementKind::from(Coerce::text($row['kind']))->holds(
                    Coerce::number($row['value']), $row['lure_id'] === null ? null : Coerce::whole($row['lure_id']),
                )),
        ];
    }

    /** @return list<Table> */
    private static function record(): array
    {
        return [
            new Table('outings', [
                'uuid' => Column::uuid(), 'place' => Column::text(520), 'readings' => Column::json(20_000),
                'started_at' => Column::moment(), 'ended_at' => Column::moment()->orNone(), 'note' => Column::text(1000)->orElse(''),
                'deleted_at' => Column::moment()->orNone(), 'joined' => Column::json(8000)->orNone(), ...self::written(),
            ], ['spot_id' => 'spots'], ['spot_id']),
            new Table(name: 'setups', columns: [
                'uuid' => Column::uuid(), 'hole' => Column::text(20)->orNone(),
                'cadence' => Column::one(self::values(Cadence::cases()))->orNone(), 'depth_m' => Column::number(0, 150),
                'tied_at' => Column::moment(), 'until_at' => Column::moment()->orNone(), 'lift_m' => Column::number(0, 12)->orNone(),
                'lift_s' => Column::number(0, 60)->orNone(), 'pause_s' => Column::number(0, 300)->orNone(),
                'rule_points' => Column::number(-100, 100)->orNone(),
            ], links: ['outing_id' => 'outings', 'lure_id' => 'lures', 'rod_id' => 'rods', 'spot_id' => 'spots'],
                optional: ['lure_id', 'rod_id', 'spot_id'],
                // Other bait is on a still rod, and has neither.
                sound: static fn (array $row): bool => ($row['lure_id'] === null) === ($row['cadence'] === null), younger: ['spot_id']),
            new Table('events', [
                'uuid' => Column::uuid(), 'kind' => Column::one(self::values(EventKind::cases())),
                'came' => Column::one(self::values(BitePhase::cases()))->orNone(),
                'species' => Column::text(40)->orNone(),
                'length_m' => Column::number(0, 3)->orNone(), 'length_text' => Column::text(40)->orNone(),
                'landed' => Column::flag()->orNone(), 'depth_m' => Column::number(0, 150)->orNone(), 'at' => Column::moment(),
                'undone_at' => Column::moment()->orNone(), 'depth_computed' => Column::flag()->orElse(false),
                'hook' => Column::one(self::values(HookHeld::cases()))->orNone(), 'bent' => Column::flag()->orNone(),
                'lost_at' => Column::one(self::values(LostAt::cases()))->orNone(), 'kept' => Column::flag()->orNone(),
                'lure_lost' => Column::flag()->orNone(), 'girth_m' => Column::number(0, 3)->orNone(),
                'girth_text' => Column::text(40)->orNone(), 'tag' => Column::text(40)->orNone(),
                'tag_contact' => Column::text(120)->orNone(), 'note' => Column::text(500)->orElse(''),
                'told' => Column::json(4000)->orNone(), 'held' => Column::one(self::values(HeldIn::cases()))->orNone(),
                'flew' => Column::one(self::values(Flew::cases()))->orNone(), 'over_at' => Column::moment()->orNone(),
                'became' => Column::uuid()->orNone(), 'scale_kg' => Column::number(0, 60)->orNone(),
                'scale_text' => Column::text(40)->orNone(),
            ], ['outing_id' => 'outings', 'setup_id' => 'setups']),
            new Table('pauses', [
                'uuid' => Column::uuid(), 'why' => Column::one(self::values(PauseWhy::cases())), 'from_at' => Column::moment(),
                'until_at' => Column::moment()->orNone(),
            ], ['outing_id' => 'outings', 'rod_id' => 'rods'], ['rod_id']),
            new Table('moves', [
                'uuid' => Column::uuid(), 'place' => Column::text(520), 'readings' => Column::json(20_000)->orNone(),
                'at' => Column::moment(), 'undone_at' => Column::moment()->orNone(),
            ], ['outing_id' => 'outings', 'spot_id' => 'spots'], ['spot_id']),
            new Table('tracks', [
                'uuid' => Column::uuid(), 'from_at' => Column::moment(), 'fixes' => Column::text(FixText::LETTERS),
            ], ['outing_id' => 'outings'], sound: static fn (array $row): bool => FixText::is(Coerce::text($row['fixes']))),
            new Table('plans', [
                'uuid' => Column::uuid(), 'kind' => Column::one(self::values(PlanKind::cases())), 'name' => Column::text(80),
                'fields' => Column::json(20_000), 'made' => Column::json(200_000), 'told' => Column::json(200_000)->orNone(),
                'worked' => Column::text(120)->orNone(),
                'put_away_at' => Column::moment()->orNone(), ...self::written(),
            ], ['outing_id' => 'outings'], ['outing_id']),
        ];
    }

    /** @return list<Table> */
    private static function own(): array
    {
        return [
            new Table('readings', [
                'name' => Column::text(30), 'text' => Column::text(200), 'si' => Column::number(-1e6, 1e6)->orNone(),
                'source' => Column::one(self::values(Source::cases())),
                'pinned' => Column::flag(), 'read_at' => Column::moment(),
            ], known: ['name'], sound: static fn (array $row): bool => $row['name'] === ReadingBook::SPOT
                || Reading::tryFrom(Coerce::text($row['name']))?->definition()->holds(
                    Coerce::text($row['text']), $row['si'] === null ? null : Coerce::number($row['si']),
                ) === true),
            new Table('readings_elsewhere', [
                'name' => Column::text(30), 'text' => Column::text(200), 'read_at' => Column::moment(),
            ], ['spot_id' => 'spots'], known: ['name'], sound: static fn (array $row): bool => Reading::tryFrom(
                Coerce::text($row['name']),
            ) !== null),
            new Table(
                'readings_gone', ['name' => Column::text(30), 'gone_at' => Column::moment()], known: ['name'],
                sound: static fn (array $row): bool => Reading::tryFrom(Coerce::text($row['name'])) !== null,
            ),
            new Table(
                'rule_choices',
                ['rule' => Column::text(40), 'weight' => Column::number(0, 4), 'own' => Column::json(20_000)->orNone(), ...self::written()],
                known: ['rule'],
            ),
        ];
    }

    /** @return array<string, Column> a length of a fish as it is reckoned with and as it was typed, each */
    private static function lengths(string ...$names): array
    {
        $columns = [];
        foreach ($names as $name) {
            $columns["{$name}_m"] = Column::number(0, 3)->orNone();
            $columns["{$name}_text"] = Column::text(40)->orNone();
        }

        return $columns;
    }

    /** @return array<string, Column> */
    private static function written(): array
    {
        return ['created_at' => Column::moment()->orNone(), 'updated_at' => Column::moment()->orNone()];
    }

    /**
     * @param  list<\BackedEnum>  $cases
     * @return list<string>
     */
    private static function values(array $cases): array
    {
        return array_map(static fn (\BackedEnum $case): string => (string) $case->value, $cases);
    }
}
