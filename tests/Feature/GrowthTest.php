<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Requests\ActsOnDay;
use App\Http\Requests\LogTaps;
use App\Http\Requests\UnknownTap;
use App\Models\Outing;
use App\Presenters\Card\LureOutline;
use App\Presenters\Tackle\LurePresenter;
use App\Rows\BiteReader;
use App\Rows\SeasonFilter;
use App\Rows\SeasonReader;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\WorkedWhere;
use Eskith\Core\Care\Caution;
use Eskith\Core\Care\Cautions;
use Eskith\Core\Care\Circumstances;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Rigged\RigCheck;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Record\Factor;
use Eskith\Core\Record\SetupResult;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\HookAdvice;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\QuickEntry;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Water;
use Eskith\Telling\Doing\OfflineAction;
use Eskith\Telling\Enums\EdgeKind;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Of every thing that grows each one is there wherever it has to be: `bin/grow` adds one more and asks this, so that what is
 * missed is named. The interface's half is tests/Interface/growth.test.ts and the types.
 */
final class GrowthTest extends OnWaterTestCase
{
    /** @return iterable<string, array{EventKind}> */
    public static function kinds(): iterable
    {
        foreach (EventKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_an_event_counts_the_same_on_fish_in_look_back_and_in_the_depth_view(EventKind $kind): void
    {
        $outing = $this->begun();
        $entry = ['uuid' => (string) Str::uuid(), 'kind' => $kind->value, 'depth' => '20 ft'];
        $now = $this->postJson("/outings/{$outing->uuid}/events", [...$entry, ...($kind === EventKind::Fish ? ['species' => 'perch'] : [])])
            ->assertOk()->json('outing');
        self::assertSame($kind->value, $now['events'][0]['kind']);
        self::assertNotSame('', $now['events'][0]['words']);
        self::assertSame((int) $kind->isBite(), $now['tally']['touches'], 'on Fish');
        self::assertSame((int) ($kind === EventKind::Drop), $now['tally']['drops']);
        self::assertSame($kind->isBite(), $now['events'][0]['bite'] !== null);
        $reader = SeasonReader::of($this->angler, SeasonFilter::none());
        $fished = array_values($reader->fishing())[0][1] ?? self::fail('nothing was fished');
        self::assertSame((int) $kind->isBite(), $fished->touches, 'in the rates');
        foreach ($kind->countsAs() as $what) {
            self::assertTrue(property_exists(SetupResult::class, $what), "{$what} is no count of a setup");
            self::assertSame(1, $fished->{$what}, $what);
        }
        $bites = array_sum(array_map(count(...), array_column(BiteReader::of($this->angler, $reader->fished)->times, 0)));
        self::assertSame((int) $kind->isBite(), $bites, 'in the depth view');
        $pad = $kind->pad();
        self::assertSame(
            $pad === null ? [] : [$pad], array_values(array_map(
                static fn (array $one): array => [$one['label'], $one['key']],
                array_filter($now['pads'], static fn (array $one): bool => $one['kind'] === $kind->value),
            )),
        );
        self::assertStringContainsString("\"kind\":\"{$kind->value}\"", str_replace(': ', ':', $this->get('/log.json')->streamedContent()));
    }

    /** An outing with a blade on. */
    private function begun(): Outing
    {
        $lure = $this->angler->lures()->firstOrFail();
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $lure->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ])->assertSessionHasNoErrors();

        return $this->angler->outings()->latest('id')->firstOrFail();
    }

    /** @return iterable<string, array{Family}> */
    public static function families(): iterable
    {
        foreach (Family::cases() as $family) {
            yield $family->value => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_a_family_is_typed_weighed_dropped_worked_hooked_and_drawn(Family $family): void
    {
        foreach ($family->definition()->typed() as $word) {
            self::assertSame($family, QuickEntry::read("1/2 oz {$word}, gold", Unit::Ounce)->family, $word);
        }
        $this->post('/lures', [
            'uuid' => (string) Str::uuid(), 'family' => $family->value, 'weight' => '1/2 oz', 'finish' => 'gold',
            'holes' => (string) $family->definition()->holes, 'red' => false, 'quantity' => '1',
        ])->assertSessionHasNoErrors();
        $row = $this->angler->lures()->latest('id')->firstOrFail();
        $lure = $row->kept()->lure();
        self::assertSame($family, $lure->family);
        $column = WaterColumn::of(8.0, 0.0002, Flow::still(), Water::of(4.0));
        $usual = Fall::of($lure->body, Attitude::usual($family, null), $column)->seconds;
        self::assertGreaterThanOrEqual(Fall::of($lure->body, Attitude::tight($family, null), $column)->seconds, $usual);
        self::assertGreaterThan(2.0, $usual);
        self::assertLessThan(40.0, $usual);
        $ways = array_merge(...array_map(
            static fn (bool $vertical): array => Cadence::fitting($lure, new WorkedWhere($vertical, true, false)), [true, false],
        ));
        self::assertNotSame([], $ways, 'no cadence works it');
        self::assertStringStartsWith('Usual: ', HookAdvice::usual($lure));
        self::assertStringNotContainsString('{', HookAdvice::usual($lure));
        $drawn = (new LurePresenter($this->angler))->one($row)->drawing;
        self::assertStringContainsString('base64', LureOutline::dataUri($drawn, null, 4.0));
        $this->get("/lure?pick={$row->id}")->assertOk();
        $titles = array_column($this->getJson('/answer')->assertOk()->json('picks'), 'title');
        self::assertNotSame([], array_filter($titles, static fn (string $title): bool => str_contains($title, " {$family->word()},")));
    }

    public function test_every_factor_has_a_level_where_everything_is_known_of_a_setup(): void
    {
        $outing = $this->begun();
        $line = $this->angler->lines()->create([
            'name' => 'Braid', 'kind' => 'braid', 'break_n' => 90.0, 'break_text' => '20 lb', 'diameter_m' => 0.0002,
            'diameter_text' => '0.2 mm',
        ]);
        $rod = $this->angler->rods()->create([
            'uuid' => (string) Str::uuid(), 'name' => 'Short rod', 'length_m' => 2.0, 'length_text' => '2 m', 'lifts_kg' => 1.0,
            'lifts_text' => '1 kg', 'line_id' => $line->id, 'leader' => 'fluorocarbon', 'leader_n' => 36.0, 'leader_n_text' => '8 lb',
            'leader_m' => 1.5, 'leader_m_text' => '5 ft', 'connector' => 'snap',
        ]);
        $lure = $this->angler->lures()->firstOrFail();
        $lure->update(['hooks' => ['front' => 8, 'rear' => 6, 'attach' => 'loop']]);
        $outing->setups()->update([
            'rod_id' => $rod->id, 'depth_m' => 8.0, 'lift_m' => 0.1, 'lift_s' => 0.4, 'tied_at' => now()->subHour(),
        ]);
        $levels = array_values(SeasonReader::of($this->angler, SeasonFilter::none())->fishing())[0][1]->levels;
        self::assertSame(array_column(Factor::cases(), 'value'), array_keys($levels));
        foreach (Factor::cases() as $factor) {
            self::assertNotSame('', $factor->word());
            self::assertStringContainsString($levels[$factor->value], $factor->named($levels[$factor->value]));
            $this->get("/look-back?by={$factor->value}")->assertOk();
        }
    }

    public function test_every_action_has_a_request_that_does_it_and_is_known_to_the_taps(): void
    {
        $outing = $this->begun();
        foreach (OfflineAction::cases() as $action) {
            $request = LogTaps::request($action->value);
            self::assertNotSame(UnknownTap::class, $request, "{$action->value}: no request is called after it");
            $to = is_subclass_of($request, ActsOnDay::class) ? '/taps' : "/outings/{$outing->uuid}/taps";
            $answer = $this->postJson($to, [
                'angler' => $this->angler->id, 'taps' => [['do' => $action->value, 'uuid' => (string) Str::uuid()]],
            ])->assertOk()->json();
            foreach ($answer['refused'] as $refusal) {
                self::assertNotSame('do', $refusal['because'], "{$action->value}: the server does not know it");
            }
        }
    }

    public function test_every_cadence_can_be_worked_and_is_told_with_its_numbers(): void
    {
        $box = [];
        foreach (Family::cases() as $family) {
            foreach ([0.003, 0.0142] as $kg) {
                $box[] = Lure::of('a', $family, $kg, 'gold');
            }
        }
        foreach (Cadence::cases() as $cadence) {
            $fits = false;
            foreach ($box as $lure) {
                foreach ([[true, true], [true, false], [false, true], [false, false]] as [$vertical, $onBottom]) {
                    $fits = $fits || $cadence->fits($lure, new WorkedWhere($vertical, $onBottom, true));
                }
            }
            self::assertTrue($fits, "{$cadence->value}: no lure is worked by it");
            self::assertStringEndsWith('.', $cadence->says());
            self::assertNotSame('', $cadence->mistake());
            self::assertNotSame([], $cadence->bites());
            self::assertGreaterThanOrEqual(0.0, $cadence->steps()->liftM);
        }
        $this->get('/cadences')->assertOk();
    }

    public function test_every_fish_can_be_sought_and_has_its_weights(): void
    {
        foreach (Species::cases() as $fish) {
            $this->putJson('/readings', ['readings' => ['species' => $fish->value]])->assertOk();
            self::assertNotSame([], WeightSteps::series($fish));
            self::assertNotSame('', $this->getJson('/answer')->assertOk()->json('headline'));
            $this->get('/places')->assertOk();
        }
    }

    public function test_every_finish_is_typed_and_said(): void
    {
        foreach (Finish::cases() as $finish) {
            $typed = QuickEntry::read('1/2 oz blade, '.Finish::word($finish->value), Unit::Ounce)->finish;
            self::assertSame($finish->value, str_replace(' ', '_', $typed));
        }
    }

    public function test_every_mark_and_line_is_kept_shown_and_comes_back_from_its_file(): void
    {
        $this->sounded();
        foreach (MarkKind::cases() as $i => $kind) {
            $this->post("/waters/{$this->water->id}/marks", [
                'uuid' => (string) Str::uuid(), 'kind' => $kind->value, 'x' => 2 * $i, 'y' => 3, 'bottom' => 'rock',
            ])->assertSessionHasNoErrors();
        }
        foreach (EdgeKind::cases() as $i => $kind) {
            $this->post("/waters/{$this->water->id}/edges", [
                'uuid' => (string) Str::uuid(), 'kind' => $kind->value, 'name' => '', 'line' => "0,{$i};20,{$i}",
            ])->assertSessionHasNoErrors();
        }
        $page = $this->get('/places')->assertOk();
        self::assertEqualsCanonicalizing(array_column(MarkKind::cases(), 'value'), array_column($page->inertiaProps('marks'), 'kind'));
        self::assertEqualsCanonicalizing(array_column(EdgeKind::cases(), 'value'), array_column($page->inertiaProps('edges'), 'kind'));
        foreach (['gpx', 'geojson'] as $format) {
            $file = (string) $this->get("/places/{$this->water->id}.{$format}")->assertOk()->getContent();
            foreach ([...MarkKind::cases(), ...EdgeKind::cases()] as $kind) {
                self::assertStringContainsString($kind->value, $file, "{$format} does not tell {$kind->value}");
            }
        }
    }

    public function test_every_check_speaks_somewhere_and_every_caution_is_one_of_its_own(): void
    {
        $rig = $this->get('/rig')->assertOk()->inertiaProps('rig');
        $this->putJson('/readings', ['readings' => ['how' => 'cast']])->assertOk();
        $told = [...array_column($rig['findings'], 'check'), ...array_column($this->get('/rig')->inertiaProps('rig')['findings'], 'check')];
        self::assertEqualsCanonicalizing(array_column(RigCheck::cases(), 'value'), array_unique($told));
        $all = Cautions::of(new Circumstances(
            units: UnitSet::metric(), waterC: 0.5, depthM: 20.0, windMs: 12.0, weir: true, ice: true, sought: Species::Perch,
            protected: 'sturgeon',
        ));
        $ids = array_map(static fn (Caution $one): string => $one->id, $all);
        self::assertSame(array_unique($ids), $ids);
        self::assertContains('rules', $ids);
    }
}
