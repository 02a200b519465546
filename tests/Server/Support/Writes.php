<?php

declare(strict_types=1);

namespace Tests\Server\Support;

use PDO;
use Random\Randomizer;
use Tests\Support\Photo;

/** Sensible requests for every route that writes. What creates is sent twice under the same id, one right after the other. */
final class Writes
{
    use GroundWrites;

    /** Routes that end a visit or an account, or slow down who asks too often: sent last. */
    public const LAST = [
        'POST sign-out', 'DELETE account', 'PUT account/password', 'POST account/sign-out-others', 'POST sign-in',
        'POST register', 'POST demo', 'POST forgot-password', 'POST reset-password',
    ];

    /** @var array<string, list<string>> ids made before, for the second of each pair */
    private array $made = [];

    public function __construct(private readonly PDO $records, private readonly Randomizer $random)
    {
    }

    /**
     * Gives every angler what the writes lean on: lures, a line, a spot, and an outing under way.
     *
     * @param  list<int>  $anglers  ids
     * @param  int  $each  clients of each angler, in a row
     */
    public static function prepare(Clients $clients, PDO $records, array $anglers, int $each = 2): void
    {
        foreach ($anglers as $i => $angler) {
            $own = new self($records, new Randomizer);
            foreach ([0, 2, 4] as $n) {
                $clients->alone($each * $i, $own->all()['POST lures']($n, $angler));
            }
            $clients->alone(
                $each * $i,
                new Request(
                    'POST', '/gear',
                    [
                        'uuid' => $own->uuid(), 'kind' => 'main line', 'name' => 'Braid', 'diameter' => '0.2 mm',
                        'strength' => '20 lb', 'material' => 'braid',
                    ],
                ),
            );
            $clients->alone($each * $i, new Request('POST', '/spots', ['water' => 'Load lake', 'spot' => 'Bar']));
            $clients->alone($each * $i, $own->all()['POST tie-on'](0, $angler));
        }
    }

    /** @return array<string, \Closure(int, int): Request> by route: n-th request of an angler */
    public function all(): array
    {
        return [...$this->fishing(), ...$this->tackle(), ...$this->water(), ...$this->ground(), ...$this->rules(), ...$this->account()];
    }

    /** @return array<string, \Closure(int, int): Request> */
    private function fishing(): array
    {
        return [
            'POST tie-on' => fn (int $n, int $angler): Request => $this->creating(
                'POST', '/tie-on', 'setups', $n, $angler,
                ['lure' => $this->lure($angler), 'hole' => 'middle', 'cadence' => 'short_pop'],
            ),
            'POST outings/{outing}/events' => fn (int $n, int $angler): Request => $this->creating(
                'POST', "/outings/{$this->outing($angler)}/events", 'events', $n, $angler,
                ['kind' => ['drop', 'touch'][$n % 2]],
            ),
            'POST outings/{outing}/taps' => fn (int $n, int $angler): Request => new Request(
                'POST', "/outings/{$this->outing($angler)}/taps",
                ['angler' => $angler, 'taps' => [['uuid' => $this->id('taps', intdiv($n, 2), $angler),
                    'kind' => 'drop'], ['kind' => 'nap']]],
            ),
            'POST taps' => fn (int $n, int $angler): Request => new Request('POST', '/taps', ['angler' => $angler, 'taps' => [
                ['do' => 'read', 'uuid' => $this->id('reads', $n, $angler), 'name' => 'air', 'text' => ($n % 20).' C'],
                ['do' => 'begin', 'uuid' => $this->id('begun', intdiv($n, 2), $angler)], ['do' => 'nap'],
                ['do' => 'picture', 'uuid' => $this->id('pictures', intdiv($n, 2), $angler), 'of' => 'lure',
                    'thing' => (string) $this->lure($angler), 'file' => base64_encode(Photo::of())],
            ]]),
            'DELETE pictures/{picture}' => fn (): Request => new Request('DELETE', "/pictures/{$this->uuid()}"),
            'POST outings' => fn (int $n, int $angler): Request => new Request(
                'POST', '/outings', ['uuid' => $this->id('out', $n, $angler)],
            ),
            'PUT outings/{outing}/note' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/outings/{$this->outing($angler)}/note", ['note' => "note {$n}"],
            ),
            'DELETE outings/{outing}' => fn (): Request => new Request('DELETE', "/outings/{$this->uuid()}"),
            'PUT outings/{outing}/back' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/outings/{$this->outing($angler)}/back",
            ),
            'POST outings/{outing}/join' => fn (): Request => new Request(
                'POST', "/outings/{$this->uuid()}/join", ['into' => $this->uuid()],
            ),
            'POST outings/{outing}/crew' => fn (int $n, int $angler): Request => new Request(
                'POST', "/outings/{$this->outing($angler)}/crew",
            ),
            'PUT outings/{outing}/crew' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/outings/{$this->outing($angler)}/crew", ['tags' => $n % 2 === 0],
            ),
            'DELETE outings/{outing}/crew' => fn (int $n, int $angler): Request => new Request(
                'DELETE', "/outings/{$this->outing($angler)}/crew",
            ),
            'POST crews/join' => fn (): Request => new Request('POST', '/crews/join', ['code' => 'AAAABBBB', 'uuid' => $this->uuid()]),
            'POST repeat/{setup}' => fn (int $n, int $angler): Request => new Request(
                'POST', "/repeat/{$this->one('setups', $angler, 'uuid')}",
            ),
            'POST log' => fn (): Request => new Request('POST', '/log', file: 'no log'),
            'PUT events/{event}' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/events/{$this->one('events', $angler, 'uuid')}", ['came' => ['fall', 'rest'][$n % 2], 'depth' => '5 m'],
            ),
            'PUT events/{event}/put-back' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/events/{$this->one('events', $angler, 'uuid')}/put-back",
            ),
            'DELETE outings/{outing}/end' => fn (): Request => new Request('DELETE', "/outings/{$this->uuid()}/end"),
            'DELETE events/{event}' => fn (int $n, int $angler): Request => new Request(
                'DELETE', "/events/{$this->one('events', $angler, 'uuid')}",
            ),
            'POST outings/{outing}/end' => fn (int $n, int $angler): Request => new Request('POST', "/outings/{$this->uuid()}/end"),
            'PUT pinned' => fn (int $n, int $angler): Request => new Request(
                'PUT', '/pinned', ['lure' => $n % 3 === 0 ? null : $this->lure($angler)],
            ),
            'POST mend' => fn (int $n, int $angler): Request => new Request('POST', '/mend', ['part' => 'reading', 'key' => 'nothing']),
        ];
    }

    /** @return array<string, \Closure(int, int): Request> */
    private function tackle(): array
    {
        $csv = static fn (int $n): string => "family,weight,finish,notes\nblade,1/2 oz,gold,load ".($n % 12)."\n";

        return [
            'POST waters/{water}/card' => fn (int $n, int $angler): Request => new Request(
                'POST', "/waters/{$this->one('waters', $angler)}/card", ['species' => ['walleye', 'perch'][$n % 2], 'bag' => $n % 9],
            ),
            'DELETE card/{rule}' => fn (): Request => new Request('DELETE', '/card/0'),
            'POST lures' => fn (int $n, int $angler): Request => $this->creating(
                'POST', '/lures', 'lures', $n, $angler,
                ['family' => 'blade', 'weight' => '1/2 oz', 'finish' => 'gold', 'holes' => 3],
            ),
            'POST starting-box' => fn (int $n, int $angler): Request => new Request(
                'POST', '/starting-box',
                ['uuid' => $this->id('own', intdiv($n, 2) % 4, $angler), 'kind' => 'still', 'places' => [$n % 12]],
            ),
            'POST first-day' => fn (int $n, int $angler): Request => new Request(
                'POST', '/first-day',
                ['uuid' => $this->id('own', intdiv($n, 2) % 4, $angler), 'kind' => 'lake', 'fish' => 'walleye', 'from' => 'boat'],
            ),
            'PATCH lures' => fn (int $n, int $angler): Request => new Request(
                'PATCH', '/lures',
                ['each' => [['id' => $this->lure($angler), 'version' => 1, 'set' => ['notes' => "load {$n}"], 'saw' => ['notes' => '']]]],
            ),
            'POST lures/{lure}/duplicate' => fn (int $n, int $angler): Request => $this->creating(
                'POST', "/lures/{$this->lure($angler)}/duplicate", 'lures', $n, $angler, [],
            ),
            'POST box/preview' => fn (int $n): Request => new Request('POST', '/box/preview', file: $csv($n)),
            'POST box/import' => fn (int $n): Request => new Request('POST', '/box/import', file: $csv($n)),
            'POST gear' => fn (int $n, int $angler): Request => $this->creating(
                'POST', '/gear', 'gear', $n, $angler, ['kind' => 'leader', 'name' => "leader {$n}", 'quantity' => 1],
            ),
            'DELETE gear/{gear}' => fn (int $n, int $angler): Request => new Request('DELETE', "/gear/{$this->one('gear', $angler)}"),
            'POST gear/done' => fn (int $n, int $angler): Request => $this->creating(
                'POST', '/gear/done', 'history', $n, $angler, ['item' => "lure.{$this->lure($angler)}"],
            ),
            'POST measurements' => fn (int $n, int $angler): Request => $this->creating(
                'POST', '/measurements', 'measurements', $n, $angler,
                ['kind' => 'hang', 'pick' => "{$this->lure($angler)}.middle.", 'angle' => (20 + $n % 30).'°'],
            ),
            'DELETE measurements/{measurement}' => fn (int $n): Request => new Request('DELETE', "/measurements/{$this->uuid()}"),
        ];
    }

    /** @return array<string, \Closure(int, int): Request> */
    private function water(): array
    {
        return [
            'PUT readings' => fn (int $n): Request => new Request(
                'PUT', '/readings', ['readings' => ['temp' => (2 + $n % 9).' °C', 'depth' => (5 + $n % 5).' m']],
            ),
            'PUT readings/pin' => fn (int $n): Request => new Request('PUT', '/readings/pin', ['name' => 'temp', 'pinned' => $n % 2 === 0]),
            'PUT line' => fn (int $n, int $angler): Request => new Request('PUT', '/line', ['line' => $this->one('lines', $angler)]),
            'PUT rig' => fn (int $n, int $angler): Request => new Request(
                'PUT', '/rig',
                [
                    'uuid' => $this->uuid(), 'name' => "rod {$n}", 'length' => '7 ft', 'lifts' => '1 kg', 'leader' => 'fluorocarbon',
                    'leader_strength' => (6 + $n % 9).' lb', 'leader_length' => '5 ft', 'connector' => 'snap',
                    'line' => $this->one('lines', $angler),
                ],
            ),
            'POST plans' => fn (int $n, int $angler): Request => new Request('POST', '/plans', [
                'uuid' => $this->id('plans', intdiv($n, 2) % 8, $angler), 'kind' => 'fan', 'name' => 'load',
                'fields' => ['from' => '0', 'to' => '90', 'near' => '5 m', 'far' => '20 m', 'lane' => '3 m', 'seconds' => '60'],
            ]),
            'PUT plans/{plan}/made' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/plans/{$this->one('plans', $angler, 'uuid')}/made", ['number' => 1 + $n % 9, 'made' => $n % 4 !== 0],
            ),
            'PUT plans/{plan}/worked' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/plans/{$this->one('plans', $angler, 'uuid')}/worked", ['worked' => "side {$n}"],
            ),
            'DELETE plans/{plan}' => fn (): Request => new Request('DELETE', "/plans/{$this->uuid()}"),
            'POST drift-by-phone' => fn (): Request => new Request(
                'POST', '/drift-by-phone',
                ['fixes' => array_map(static fn (int $s): array => [$s, 61.0 + 0.000_003 * $s, -7.0, 5.0], range(0, 90))],
            ),
            'POST way-back' => fn (): Request => new Request('POST', '/way-back', [
                'lat' => '61.0', 'lon' => '-7.0',
                'fixes' => array_map(static fn (int $i): array => [(float) $i, 61.001 - 0.000_02 * $i, -7.0, 5.0], range(0, 20)),
            ]),
            'POST heading-by-compass' => fn (): Request => new Request(
                'POST', '/heading-by-compass', ['samples' => array_map(static fn (int $i): array => [$i / 20, 312.0, 4.0], range(0, 40))],
            ),
            'POST angle-by-tilt' => fn (): Request => new Request(
                'POST', '/angle-by-tilt', ['samples' => array_map(static fn (int $i): array => [$i / 60, 0.0, 8.5, 4.9], range(0, 90))],
            ),
            'POST work/lifts' => fn (int $n, int $angler): Request => new Request(
                'POST', '/work/lifts',
                ['pick' => "{$this->lure($angler)}.middle.low_hop", 'lifts' => [[[0, 0], [0.2, 0.05], [0.4, 0.1], [0.6, 0.2]]]],
            ),
            'POST rods' => fn (int $n, int $angler): Request => new Request(
                'POST', '/rods', ['uuid' => $this->id('rods', intdiv($n, 2) % 4, $angler), 'name' => 'load rod'],
            ),
            'PUT rods/{rod}/in-hand' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/rods/{$this->one('rods', $angler, 'uuid')}/in-hand",
            ),
            'PUT rods/{rod}/ashore' => fn (int $n): Request => new Request('PUT', "/rods/{$this->uuid()}/ashore"),
            'PUT rig/retied' => fn (): Request => new Request('PUT', '/rig/retied', ['uuid' => $this->uuid()]),
            'POST spots' => fn (int $n): Request => new Request(
                'POST', '/spots', ['water' => 'Load lake '.($n % 3), 'spot' => 'Bar '.intdiv($n, 2)],
            ),
            'PUT spots/{spot}/here' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/spots/{$this->one('spots', $angler)}/here",
            ),
            'PUT waters/{water}/notes' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/waters/{$this->one('waters', $angler)}/notes", ['rules' => "note {$n}", 'protected' => ''],
            ),
            'PUT cadences/{cadence}' => static fn (int $n): Request => new Request(
                'PUT', '/cadences/low_hop', ['lift' => (3 + $n % 5).' in', 'seconds' => '0.4', 'pause' => '2'],
            ),
            'DELETE cadences/{cadence}' => static fn (int $n): Request => new Request('DELETE', '/cadences/short_pop', []),
            'PUT settings' => fn (int $n): Request => new Request(
                'PUT', '/settings',
                [['weight' => ['oz', 'g'][$n % 2]], ['depth' => ['ft', 'm'][$n % 2]], ['theme' => 'dawn']][$n % 3],
            ),
        ];
    }

    /** @return array<string, \Closure(int, int): Request> */
    private function rules(): array
    {
        $own = [
            'name' => '', 'points' => 1, 'when' => [['reading' => 'light', 'any' => ['dim']]],
            'lures' => ['families' => ['blade'], 'finishes' => [], 'from' => '', 'to' => ''],
        ];

        return [
            'PUT rules' => fn (int $n): Request => new Request('PUT', '/rules', ['on' => $n % 2 === 0]),
            'DELETE rules' => fn (): Request => new Request('DELETE', '/rules'),
            'POST rules/import' => fn (): Request => new Request(
                'POST', '/rules/import', ['text' => '{"format":"eskith-rules","version":1,"weights":{"F1":2}}'],
            ),
            'PUT rules/own/{uuid}' => fn (int $n, int $angler): Request => new Request(
                'PUT', '/rules/own/'.$this->id('own', intdiv($n, 2) % 8, $angler),
                [...$own, 'name' => 'own '.(intdiv($n, 2) % 8)],
            ),
            'DELETE rules/own/{uuid}' => fn (int $n, int $angler): Request => new Request(
                'DELETE', '/rules/own/'.$this->id('own', intdiv($n, 2) % 8, $angler),
            ),
            'POST rules/own/{uuid}/try' => fn (int $n): Request => new Request(
                'POST', "/rules/own/{$this->uuid()}/try", [...$own, 'name' => "tried {$n}"],
            ),
            'PUT rules/{rule}' => fn (int $n): Request => new Request('PUT', '/rules/F1', ['weight' => $n % 4]),
        ];
    }

    /** @return array<string, \Closure(int, int): Request> */
    private function account(): array
    {
        return [
            'POST account/archive' => fn (): Request => new Request('POST', '/account/archive', file: 'no archive'),
            'POST sign-out' => fn (): Request => new Request('POST', '/sign-out'),
            'DELETE account' => fn (): Request => new Request('DELETE', '/account', ['goodbye' => 'not the password']),
            'PUT account/password' => fn (): Request => new Request(
                'PUT', '/account/password', ['current' => 'not the password', 'password' => 'long enough for all'],
            ),
            'POST account/sign-out-others' => fn (): Request => new Request(
                'POST', '/account/sign-out-others', ['others' => 'not the password'],
            ),
            'POST sign-in' => fn (int $n): Request => new Request(
                'POST', '/sign-in', ['email' => "nobody{$n}@example.test", 'password' => 'whatever it is'],
            ),
            'POST register' => fn (int $n): Request => new Request(
                'POST', '/register',
                ['name' => 'x', 'email' => 'new'.intdiv($n, 2).'@example.test', 'password' => 'long enough for all'],
            ),
            'POST demo' => fn (): Request => new Request('POST', '/demo'),
            'POST forgot-password' => fn (int $n): Request => new Request(
                'POST', '/forgot-password', ['email' => "nobody{$n}@example.test"],
            ),
            'POST reset-password' => fn (int $n): Request => new Request(
                'POST', '/reset-password',
                ['token' => 'x', 'email' => "nobody{$n}@example.test", 'password' => 'long enough for all'],
            ),
        ];
    }

    /** @param  array<string, mixed>  $fields */
    private function creating(string $method, string $address, string $table, int $n, int $angler, array $fields): Request
    {
        $id = $this->id("{$address} {$table}", intdiv($n, 2), $angler);

        return new Request($method, $address, ['uuid' => $id, ...$fields], writes: [$table, $id]);
    }

    private function id(string $of, int $n, int $angler): string
    {
        // Addresses hold ids of their own: only their first part tells what is made.
        $of = preg_replace('#/[0-9a-f-]+(?=/|$| )#', '', $of)." {$angler}";

        return $this->made[$of][$n] ??= $this->uuid();
    }

    private function lure(int $angler): int
    {
        return (int) $this->one('lures', $angler);
    }

    private function outing(int $angler): string
    {
        return $this->one('outings', $angler, 'uuid', 'AND ended_at IS NULL');
    }

    private function one(string $table, int $angler, string $column = 'id', string $only = ''): string
    {
        $found = $this->records->query("SELECT {$column} FROM {$table} WHERE user_id = {$angler} {$only} ORDER BY id LIMIT 3");
        $values = $found === false ? [] : $found->fetchAll(PDO::FETCH_COLUMN);

        return $values === [] ? '0' : (string) $values[$this->random->getInt(0, count($values) - 1)];
    }

    private function uuid(): string
    {
        $hex = bin2hex($this->random->getBytes(16));

        return substr($hex, 0, 8).'-'.substr($hex, 8, 4).'-4'.substr($hex, 13, 3).'-8'.substr($hex, 17, 3).'-'.substr($hex, 20, 12);
    }
}
