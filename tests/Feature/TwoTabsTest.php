<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Lure;
use App\Models\Outing;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Two tabs, two anglers, the same id twice: nobody wins silently and nothing is doubled. */
final class TwoTabsTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private Lure $lure;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $this->lure = $this->angler->lures()->where('finish', 'gold')->sole();
    }

    public function test_the_second_tab_is_told_both_values(): void
    {
        $this->change(['notes' => 'first'], 1, ['notes' => ''])->assertOk()->assertJsonPath('lures.0.version', 2);
        $clash = $this->change(['notes' => 'second'], 1, ['notes' => ''])->assertStatus(409)
            ->assertJsonPath(
                'message', 'This lure was changed elsewhere: notes is “first” there, “second” here.',
            );
        self::assertSame('first', $this->lure->refresh()->notes);
        $this->change(['notes' => 'second'], $clash->json('version'))->assertOk();

        self::assertSame('second', $this->lure->refresh()->notes);
    }

    public function test_changes_of_different_fields_both_stand(): void
    {
        $this->change(['hooks' => ['front' => '8']], 1, ['hooks' => ['front' => null]])->assertOk();
        $this->change(['hooks' => ['rear' => '6'], 'quantity' => 3], 1, ['hooks' => ['rear' => null], 'quantity' => 1])->assertOk();
        $this->change(['build' => ['tape' => 'prism']], 1, ['build' => ['tape' => null]])->assertOk();

        self::assertSame(['front' => '8', 'rear' => '6'], $this->lure->refresh()->hooks);
        self::assertSame(['tape' => 'prism'], $this->lure->build);
        self::assertSame(3, $this->lure->quantity);
    }

    public function test_both_wanting_the_same_is_no_clash(): void
    {
        $this->change(['red' => true], 1, ['red' => false])->assertOk();
        $this->change(['red' => true], 1, ['red' => false])->assertOk();
        self::assertTrue($this->lure->refresh()->red_near_hooks);
    }

    public function test_a_change_that_does_not_say_what_it_saw_clashes_with_any_other(): void
    {
        $this->change(['notes' => 'first'], 1)->assertOk();
        $this->change(['finish' => 'pink'], 1)->assertStatus(409);
        $this->patchJson('/lures', ['each' => [['id' => $this->lure->id, 'set' => ['finish' => 'pink']]]])->assertStatus(422);
        self::assertSame('gold', $this->lure->refresh()->finish);
    }

    public function test_a_part_is_taken_away_by_naming_it_empty(): void
    {
        $this->change(['hooks' => ['front' => '8', 'rear' => '6']], 1)->assertOk();
        $undo = $this->change(['hooks' => ['front' => '']], 2)->assertOk()->json('before');
        self::assertSame(['rear' => '6'], $this->lure->refresh()->hooks);
        $this->patchJson('/lures', ['each' => $undo])->assertOk();
        self::assertSame(['front' => '8', 'rear' => '6'], $this->lure->refresh()->hooks);
    }

    public function test_undo_does_not_overwrite_what_somebody_else_has_made_of_it(): void
    {
        $undo = $this->change(['notes' => 'first'], 1, ['notes' => ''])->json('before');
        $this->change(['notes' => 'theirs'], 2, ['notes' => 'first'])->assertOk();
        $this->patchJson('/lures', ['each' => $undo])->assertStatus(409);
        self::assertSame('theirs', $this->lure->refresh()->notes);
    }

    public function test_another_anglers_id_does_not_hide_ones_own(): void
    {
        $other = $this->anglerOnTheLake();
        $id = (string) Str::uuid();
        $event = ['uuid' => (string) Str::uuid(), 'kind' => 'drop'];
        foreach ([$other, $this->angler] as $angler) {
            $this->actingAs($angler);
            $this->post(
                '/tie-on',
                ['uuid' => $id, 'lure' => $angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop'],
            )->assertSessionHasNoErrors();
            $this->postJson("/outings/{$id}/events", $event)->assertOk()->assertJsonPath('outing.tally.drops', 1);
        }
        $this->deleteJson("/events/{$event['uuid']}")->assertOk();

        self::assertSame(
            [null, true],
            Event::query()->orderBy('id')->get()->map(static fn (Event $row): ?bool => $row->undone_at === null ? null : true)->all(),
        );
    }

    public function test_tying_on_again_with_the_same_id_after_the_end_changes_nothing(): void
    {
        $sent = ['uuid' => (string) Str::uuid(), 'lure' => $this->lure->id, 'hole' => 'middle', 'cadence' => 'low_hop'];
        $this->post('/tie-on', $sent)->assertRedirect('/fish');
        $this->post("/outings/{$sent['uuid']}/end");
        $this->post('/tie-on', $sent)->assertRedirect('/fish');

        self::assertNotNull(Outing::query()->sole()->ended_at);
    }

    /**
     * @param  array<string, mixed>  $set
     * @param  array<string, mixed>|null  $saw
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function change(array $set, int $version, ?array $saw = null): TestResponse
    {
        return $this->patchJson(
            '/lures',
            ['each' => [['id' => $this->lure->id, 'set' => $set, 'version' => $version, ...($saw === null ? [] : ['saw' => $saw])]]],
        );
    }
}
