<?php

declare(strict_types=1);

namespace Tests\Server\Support;

/** Sensible requests for what is laid on the chart of a water, and for waters themselves. */
trait GroundWrites
{
    /** @return array<string, \Closure(int, int): Request> */
    private function ground(): array
    {
        return [
            'POST places/{water}/section' => fn (int $n, int $angler): Request => new Request(
                'POST', "/places/{$this->one('waters', $angler)}/section", ['uuid' => $this->uuid(), 'line' => '0,0;20,5'],
            ),
            'POST waters/{water}/marks' => fn (int $n, int $angler): Request => $this->creating(
                'POST', "/waters/{$this->one('waters', $angler)}/marks", 'marks', $n, $angler,
                ['kind' => ['fish', 'snag'][$n % 2], 'x' => $n % 40, 'y' => $n % 7, 'depth' => '6 m'],
            ),
            'PUT marks/{mark}' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/marks/{$this->one('marks', $angler, 'uuid')}", [
                    'uuid' => $this->uuid(), 'kind' => 'edge', 'x' => $n % 9, 'y' => 1,
                ],
            ),
            'PUT marks/{mark}/here' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/marks/{$this->one('marks', $angler, 'uuid')}/here",
            ),
            'DELETE marks/{mark}' => fn (): Request => new Request('DELETE', "/marks/{$this->uuid()}"),
            'POST waters/{water}/edges' => fn (int $n, int $angler): Request => $this->creating(
                'POST', "/waters/{$this->one('waters', $angler)}/edges", 'edges', $n, $angler, [
                    'kind' => 'wall', 'line' => '0,0;30,'.($n % 20),
                ],
            ),
            'POST edges/{edge}/plan' => fn (int $n, int $angler): Request => new Request(
                'POST', "/edges/{$this->one('edges', $angler, 'uuid')}/plan", ['uuid' => $this->id('along', intdiv($n, 2) % 3, $angler)],
            ),
            'DELETE edges/{edge}' => fn (): Request => new Request('DELETE', "/edges/{$this->uuid()}"),
            'POST waters/{water}/soundings' => fn (int $n, int $angler): Request => $this->creating(
                'POST', "/waters/{$this->one('waters', $angler)}/soundings", 'surveys', $n, $angler,
                ['soundings' => [['x' => $n % 50, 'y' => intdiv($n, 50), 'depth' => (3 + $n % 9).' m']]],
            ),
            'POST waters/{water}/import' => fn (int $n, int $angler): Request => new Request(
                'POST', "/waters/{$this->one('waters', $angler)}/import", file: "east_m,north_m,depth_m\n1,2,".($n % 9)."\n8,2,5\n",
            ),
            'POST waters/{water}/recording' => fn (int $n, int $angler): Request => new Request(
                'POST', "/waters/{$this->one('waters', $angler)}/recording", ['uuid' => $this->uuid()],
            ),
            'DELETE recording' => fn (): Request => new Request('DELETE', '/recording'),
            'DELETE surveys/{survey}' => fn (): Request => new Request('DELETE', "/surveys/{$this->uuid()}"),
            'POST waters' => fn (int $n): Request => new Request(
                'POST', '/waters', ['name' => 'Load tarn '.($n % 4), 'kind' => 'lake', 'salt' => 'fresh'],
            ),
            'POST waters/copy' => fn (): Request => new Request('POST', '/waters/copy', ['code' => 'AAAABBBB']),
            'PUT waters/{water}' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/waters/{$this->one('waters', $angler)}",
                ['name' => "Load water {$n}", 'kind' => 'lake', 'salt' => 'fresh', 'latitude' => 61, 'longitude' => -7],
            ),
            'DELETE waters/{water}' => fn (): Request => new Request('DELETE', '/waters/0'),
            'PUT waters/{water}/level' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/waters/{$this->one('waters', $angler)}/level", ['level' => '-'.($n % 9).' ft'],
            ),
            'POST waters/{water}/forecast' => fn (int $n, int $angler): Request => new Request(
                'POST', "/waters/{$this->one('waters', $angler)}/forecast",
                file: '{"format":"eskith-forecast","version":1,"hours":[{"at":"2026-11-30T08:00:00Z","wind_ms":'.($n % 9).'}]}',
            ),
            'DELETE waters/{water}/forecast' => fn (int $n, int $angler): Request => new Request(
                'DELETE', "/waters/{$this->one('waters', $angler)}/forecast",
            ),
            'PUT waters/{water}/tide' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/waters/{$this->one('waters', $angler)}/tide",
                ['from' => 'own', 'mean' => '2 m', 'epoch' => '2026-01-01', 'waves' => '0.9 m 28.984 '.($n % 360)],
            ),
            'POST waters/{water}/join' => fn (int $n, int $angler): Request => new Request('POST', '/waters/0/join', ['into' => 0]),
            'POST waters/{water}/share' => fn (int $n, int $angler): Request => new Request(
                'POST', "/waters/{$this->one('waters', $angler)}/share",
            ),
            'DELETE waters/{water}/share' => fn (int $n, int $angler): Request => new Request(
                'DELETE', "/waters/{$this->one('waters', $angler)}/share",
            ),
            'POST waters/{water}/spots' => fn (int $n, int $angler): Request => new Request(
                'POST', "/waters/{$this->one('waters', $angler)}/spots",
                ['name' => 'Hump '.($n % 5), 'depth' => '6 m', 'bottom' => 'mud', 'wall' => false, 'x' => $n % 30, 'y' => 3],
            ),
            'PUT spots/{spot}' => fn (int $n, int $angler): Request => new Request(
                'PUT', "/spots/{$this->one('spots', $angler)}",
                ['name' => "Bar {$n} moved", 'depth' => '7 m', 'bottom' => 'rock', 'wall' => true, 'x' => 1, 'y' => $n % 9],
            ),
            'DELETE spots/{spot}' => fn (): Request => new Request('DELETE', '/spots/0'),
        ];
    }
}
