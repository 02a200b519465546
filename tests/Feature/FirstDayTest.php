<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lure;
use App\Models\User;
use App\Readings\TodaysReadings;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A new account is asked three things and has its pick. */
final class FirstDayTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->angler());
    }

    public function test_a_new_account_comes_to_three_questions(): void
    {
        auth()->logout();
        $this->post('/register', ['name' => 'New', 'email' => 'new@example.test', 'password' => 'long enough now'])
            ->assertRedirect('/first-day');
        $this->get('/first-day')->assertInertia(
            fn (Page $page) => $page->component('FirstDay')->has('kinds', 5)->where('fish.0.word', 'walleye'),
        );
    }

    /** @return iterable<string, array{array<string, string>, array<string, string>, string}> */
    public static function days(): iterable
    {
        yield 'a boat on a lake' => [
            ['kind' => 'lake', 'fish' => 'walleye', 'from' => 'boat'],
            ['species' => 'walleye', 'flow' => 'still', 'lies' => 'drifting', 'how' => 'vertical'], 'blade',
        ];
        yield 'the bank of a river' => [
            ['kind' => 'river', 'fish' => 'sauger', 'from' => 'bank'],
            ['species' => 'sauger', 'flow' => 'river', 'lies' => 'on_foot', 'how' => 'cast'], 'blade',
        ];
        yield 'a dock in a harbor' => [
            ['kind' => 'harbour', 'fish' => 'bream', 'from' => 'bank'],
            ['species' => 'bream', 'flow' => 'tide', 'lies' => 'on_foot', 'how' => 'cast'], 'vibe',
        ];
    }

    /**
     * @param  array<string, string>  $said
     * @param  array<string, string>  $read
     */
    #[DataProvider('days')]
    public function test_its_answers_become_readings_and_a_usual_dozen_and_there_is_a_pick(array $said, array $read, string $first): void
    {
        $this->post('/first-day', ['uuid' => (string) Str::uuid(), ...$said])->assertSessionHasNoErrors()->assertRedirect('/lure');
        $book = TodaysReadings::of($this->angler->refresh());
        self::assertSame($read, array_combine(array_keys($read), array_map($book->text(...), array_keys($read))));
        self::assertSame(12, $this->angler->lures()->count());
        $this->get('/lure')->assertInertia(
            fn (Page $page) => $page->where('answer.headline', fn (string $words): bool => str_starts_with($words, 'Tie on the')
                && str_contains($words, $first)),
        );
    }

    public function test_it_is_had_once(): void
    {
        $first = ['uuid' => (string) Str::uuid(), 'kind' => 'lake', 'fish' => 'walleye', 'from' => 'boat'];
        $this->post('/first-day', $first);
        $this->post('/first-day', $first)->assertSessionHasNoErrors();
        $this->post('/first-day', ['uuid' => (string) Str::uuid(), 'kind' => 'river', 'fish' => 'bream', 'from' => 'bank']);
        self::assertSame(12, $this->angler->lures()->count());
        self::assertSame('walleye', TodaysReadings::of($this->angler->refresh())->text('species'));
        $this->get('/first-day')->assertRedirect('/lure');
    }

    public function test_one_with_lures_is_not_asked(): void
    {
        Lure::factory()->for($this->angler)->create();
        $this->get('/first-day')->assertRedirect('/lure');
        $this->post('/first-day', ['uuid' => (string) Str::uuid(), 'kind' => 'lake', 'fish' => 'walleye', 'from' => 'boat']);
        self::assertSame(1, $this->angler->lures()->count());
    }

    public function test_what_is_no_answer_is_refused_in_a_sentence(): void
    {
        $this->post('/first-day', ['uuid' => (string) Str::uuid(), 'kind' => 'puddle', 'fish' => ['walleye'], 'from' => ''])
            ->assertSessionHasErrors(['kind' => 'Choose where you fish.', 'fish' => 'Choose which fish.', 'from' => 'Boat or bank?']);
        self::assertSame(0, $this->angler->lures()->count());
    }
}
