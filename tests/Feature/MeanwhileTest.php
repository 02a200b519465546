<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Mark;
use App\Models\Spot;
use Illuminate\Support\Str;

/** Places in two tabs: different fields both stand, the same one is told, what was taken away is said to be. */
final class MeanwhileTest extends OnWaterTestCase
{
    private string $uuid;

    /** @var array<string, mixed> */
    private array $fields;

    protected function setUp(): void
    {
        parent::setUp();
        $this->uuid = (string) Str::uuid();
        $this->fields = [
            'uuid' => $this->uuid, 'kind' => 'fish', 'x' => 12.5, 'y' => -3, 'depth' => '26 ft', 'bottom' => '', 'side' => '',
            'direction' => '', 'note' => '',
        ];
        $this->post("/waters/{$this->water->id}/marks", $this->fields)->assertSessionHasNoErrors();
    }

    public function test_different_fields_of_a_mark_both_stand(): void
    {
        $this->mark(['note' => 'four in an hour'], ['note' => ''])->assertSessionHasNoErrors();
        $this->mark(['side' => 'shaded side', 'bottom' => 'rock_to_sand'], ['side' => '', 'bottom' => null])->assertSessionHasNoErrors();

        $mark = Mark::query()->sole();
        self::assertSame(['four in an hour', 'shaded side', 'rock_to_sand'], [$mark->note, $mark->side, $mark->bottom?->value]);
    }

    public function test_the_same_field_is_told_and_kept_once_it_was_seen(): void
    {
        $this->mark(['note' => 'theirs'], ['note' => '']);
        $this->mark(['note' => 'mine'], ['note' => ''])->assertSessionHasErrors(['meanwhile' => 'This was changed elsewhere: '
            .'note is “theirs” there, “mine” here. Keep it again to put yours in its place.']);
        self::assertSame('theirs', Mark::query()->sole()->note);
        $this->mark(['note' => 'mine'], ['note' => 'theirs'])->assertSessionHasNoErrors();
        $this->mark(['note' => 'mine'], ['note' => 'theirs'])->assertSessionHasNoErrors();
        self::assertSame('mine', Mark::query()->sole()->note, 'both wanting the same is no clash, nor is the same twice');
    }

    public function test_what_was_not_touched_keeps_its_figures(): void
    {
        Mark::query()->update(['depth_m' => 7.931]);
        $this->mark(['note' => 'deep'], ['note' => '']);
        self::assertSame(7.931, Mark::query()->sole()->depth_m, 'not the 26 ft that are shown of it');
        $this->mark(['depth' => '30 ft'], ['depth' => "26\u{A0}ft"])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(9.144, Mark::query()->sole()->depth_m, 1e-9);
    }

    public function test_a_mark_moved_in_two_tabs_is_told_too(): void
    {
        $this->mark(['x' => 20.0], ['x' => 12.5])->assertSessionHasNoErrors();
        $this->mark(['x' => 0, 'y' => 0], ['x' => 12.5, 'y' => -3])->assertSessionHasErrors('meanwhile');
        self::assertSame([20.0, -3.0], [Mark::query()->sole()->east_m, Mark::query()->sole()->north_m]);
    }

    public function test_spots_and_waters_are_held_to_it_as_well(): void
    {
        $spot = Spot::query()->sole();
        $put = fn (array $sent, array $saw) => $this->put("/spots/{$spot->id}", [
            'name' => 'Bar', 'depth' => '26 ft', 'bottom' => 'rock_to_sand', 'wall' => false, ...$sent,
            'changed' => array_keys($sent), 'saw' => $saw,
        ]);
        $put(['wall' => true], ['wall' => false])->assertSessionHasNoErrors();
        $put(['facing' => '60°'], ['facing' => null])->assertSessionHasNoErrors();
        $put(['facing' => '90°'], ['facing' => null])->assertSessionHasErrors('meanwhile');
        self::assertSame([true, 60.0], [$spot->refresh()->wall, $spot->facing_deg]);

        $water = fn (array $sent, array $saw) => $this->put("/waters/{$this->water->id}", [
            'name' => 'Long tarn', 'kind' => 'lake', 'salt' => 'fresh', 'latitude' => '61', 'longitude' => '-7', ...$sent,
            'changed' => array_keys($sent), 'saw' => $saw,
        ]);
        $water(['kind' => 'river'], ['kind' => $this->water->kind])->assertSessionHasNoErrors();
        $water(['name' => 'Round tarn'], ['name' => 'Long tarn'])->assertSessionHasNoErrors();
        $water(['name' => 'Square tarn'], ['name' => 'Long tarn'])->assertSessionHasErrors('meanwhile');
        self::assertSame(['Round tarn', 'river', 'river'], [
            $this->water->refresh()->name, $this->water->kind, $this->water->profile?->value,
        ]);
    }

    public function test_what_was_taken_away_is_said_to_be(): void
    {
        $this->delete("/marks/{$this->uuid}");
        $this->from('/places')->mark(['note' => 'mine'], ['note' => ''])->assertRedirect('/places')->assertSessionHasErrors('meanwhile');
        self::assertSame(0, Mark::query()->count());
    }

    /**
     * @param  array<string, mixed>  $sent
     * @param  array<string, mixed>  $saw
     */
    private function mark(array $sent, array $saw): \Illuminate\Testing\TestResponse
    {
        return $this->put("/marks/{$this->uuid}", [...$this->fields, ...$sent, 'changed' => array_keys($sent), 'saw' => $saw]);
    }
}
