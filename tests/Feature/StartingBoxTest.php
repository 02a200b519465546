<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Readings\ReadingKeeper;
use App\Tackle\BoxFile;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

final class StartingBoxTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->angler = $this->angler();
        $this->actingAs($this->angler);
    }

    public function test_an_empty_box_is_offered_the_dozen_that_fits_the_readings_first(): void
    {
        $this->get('/tackle')->assertInertia(
            fn (Page $page) => $page->has('starting', 4)->where('starting.0.kind', 'still')->has('starting.0.lures', 12)->where(
                'starting.0.lures.3.title', "\u{BD}\u{A0}oz blade, white",
            ),
        );
        ReadingKeeper::of($this->angler)->keep(['species' => 'sauger', 'flow' => 'river']);
        $this->get('/tackle')->assertInertia(fn (Page $page) => $page->where('starting.0.kind', 'current'));
        ReadingKeeper::of($this->angler)->keep(['species' => 'bream', 'flow' => 'tide']);
        $this->get('/tackle')->assertInertia(
            fn (Page $page) => $page->where('starting.0.kind', 'bream')->where(
                'starting.0.lures.0.title',
                fn (string $title): bool => str_contains($title, 'vibe, black'),
            ),
        );
    }

    public function test_what_is_left_in_goes_into_the_box_once_and_the_pick_follows(): void
    {
        $uuid = (string) Str::uuid();
        $take = fn (array $places) => $this->post('/starting-box', ['uuid' => $uuid, 'kind' => 'still', 'places' => $places]);
        $take([0, 3, 8])->assertRedirect('/lure')->assertSessionHas(
            'said', '3 usual lures are in the box. Keep or strike out each under Tackle box.',
        );
        $take([0, 3, 8])->assertRedirect('/lure');

        self::assertSame(['¼ oz', '½ oz', '½ oz'], $this->angler->lures()->orderBy('position')->pluck('mass_text')->all());
        $answer = $this->getJson('/answer')->json();
        self::assertStringStartsWith('Tie on', $answer['headline']);
        self::assertSame([true, true, true], array_column($answer['picks'], 'usual'));
        $this->get('/tackle')->assertInertia(
            fn (Page $page) => $page->where('starting', [])->where('box.lures.0.usual', true)->where(
                'box.lures.0.details',
                fn (string $told): bool => str_contains($told, 'a usual one'),
            ),
        );
    }

    public function test_one_that_is_said_to_be_ones_own_is_no_longer_marked_and_one_struck_out_can_come_back(): void
    {
        $this->post('/starting-box', ['uuid' => (string) Str::uuid(), 'kind' => 'still', 'places' => [3, 4]]);
        [$white, $silver] = $this->angler->lures()->orderBy('position')->get()->all();
        $told = $this->patchJson(
            '/lures',
            [
                'each' => [
                    ['id' => $white->id, 'version' => 1, 'set' => ['build' => ['usual' => false]], 'saw' => ['build' => ['usual' => true]]],
                ],
            ],
        )->assertOk()->json();
        self::assertFalse($told['lures'][0]['usual']);
        self::assertFalse($white->refresh()->kept()->isUsual());
        self::assertSame([false, true], array_column(collect($this->getJson('/answer')->json('picks'))->sortBy('lureId')->all(), 'usual'));
        $struck = $this->patchJson(
            '/lures',
            ['each' => [['id' => $silver->id, 'version' => 1, 'set' => ['retired' => true], 'saw' => ['retired' => false]]]],
        )->assertOk()->json();
        self::assertCount(1, $this->getJson('/answer')->json('picks'));
        $this->patchJson('/lures', ['each' => $struck['before']])->assertOk();
        self::assertTrue($silver->refresh()->kept()->isUsual());
        self::assertCount(2, $this->getJson('/answer')->json('picks'));
    }

    public function test_the_mark_goes_out_and_comes_in_with_the_box(): void
    {
        $this->post('/starting-box', ['uuid' => (string) Str::uuid(), 'kind' => 'bream', 'places' => [0]]);
        $csv = (string) $this->get('/box.csv')->getContent();
        $rows = BoxFile::read($csv);

        self::assertTrue((bool) ($rows[array_key_first($rows)]['build']['usual'] ?? false));
    }

    public function test_what_cannot_be_is_refused_with_a_sentence(): void
    {
        $post = fn (array $with) => $this->post(
            '/starting-box', ['uuid' => (string) Str::uuid(), 'kind' => 'still', 'places' => [1], ...$with],
        );
        $post(['places' => []])->assertSessionHasErrors(['places' => 'Leave at least one of them in.']);
        $post(['places' => [12]])->assertSessionHasErrors('places.0');
        $post(['places' => [-1]])->assertSessionHasErrors('places.0');
        $post(['kind' => 'ocean'])->assertSessionHasErrors('kind');
        $post(['uuid' => 'x'])->assertSessionHasErrors('uuid');
        self::assertSame(0, $this->angler->lures()->count());
    }

    public function test_weights_are_written_as_the_angler_likes_them(): void
    {
        $this->put('/settings', ['weight' => 'g']);
        $this->post('/starting-box', ['uuid' => (string) Str::uuid(), 'kind' => 'still', 'places' => [3]]);

        self::assertSame('14 g', $this->angler->lures()->sole()->mass_text);
        self::assertEqualsWithDelta(0.014, $this->angler->lures()->sole()->mass_kg, 1e-9);
    }
}
