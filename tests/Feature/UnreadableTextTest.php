<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Bytes that are no text, lists where a text is meant, numbers beyond all bounds: a sentence, and nothing kept. */
final class UnreadableTextTest extends TestCase
{
    use RefreshDatabase;

    private const SENTENCE = 'There are characters in this that can\'t be read. Type it again.';

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->anglerOnTheLake());
    }

    /** @return iterable<string, array{string}> */
    public static function texts(): iterable
    {
        yield 'no UTF-8' => ["a\xff\xfeb"];
        yield 'a null byte' => ["a\0b"];
        yield 'a bell' => ["a\x07b"];
        yield 'cut off' => ["caf\xc3"];
    }

    #[DataProvider('texts')]
    public function test_it_is_refused_in_every_field(string $text): void
    {
        $this->post('/spots', ['water' => 'Lake', 'spot' => $text])->assertSessionHasErrors(['spot' => self::SENTENCE]);
        $this->post(
            '/gear', ['uuid' => fake()->uuid(), 'kind' => 'rod', 'name' => $text],
        )->assertSessionHasErrors(['name' => self::SENTENCE]);
        $this->put('/settings', [$text => 'x'])->assertSessionHasErrors(['body']);
        self::assertDatabaseCount('spots', 0);
        self::assertDatabaseCount('gear', 0);
    }

    public function test_it_is_refused_within_json_too(): void
    {
        $this->putJson(
            '/readings', ['readings' => ['temp' => "4\u{0}°C"]],
        )->assertStatus(422)->assertJsonPath('errors', ['readings.temp' => [self::SENTENCE]]);
        $this->call(
            'PUT', '/readings', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: '{"readings":{"temp":"'."\xff".'"}}',
        )
            ->assertStatus(422)->assertJsonPath('message', 'What was sent can\'t be read. Load the page again and repeat it.');
        $this->call(
            'PATCH', '/lures', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: '{"each":[{"id":1,"version":1,"set":{"length":1e309}}]}',
        )
            ->assertStatus(422)->assertJsonPath('errors', ['each.0.set.length' => [self::SENTENCE]]);
    }

    public function test_it_is_refused_in_an_address(): void
    {
        foreach ([
            '/answer?clarity=%ff', '/answer?temp=4%00', '/lures?q=%c3', '/answer?temp[]=4', '/chart?across[x]=1', '/%00',
            '/tackle/1%00', '/outings/%ff/end',
        ] as $address) {
            $answer = $this->getJson($address);
            self::assertContains($answer->status(), [400, 404, 405], $address);
        }
        $this->get('/lure?clarity=%ff')->assertStatus(400)->assertInertia(
            fn (AssertableInertia $page) => $page->component('Trouble')->where(
                'sentence', 'That address can\'t be read. Go back, or start from the Lure station.',
            ),
        );
    }

    public function test_lists_where_one_thing_is_meant_are_refused_in_words(): void
    {
        foreach (['cast', 'chart', 'angle-fix', 'ghost', 'compare', 'on-top', 'loop-guide', 'lures/propose'] as $question) {
            $this->getJson("/{$question}?pick[]=1&ring[]=2&text[]=3&a[]=4&of[]=5")->assertStatus(400);
            $answer = $this->getJson("/{$question}");
            self::assertContains($answer->status(), [200, 422], $question);
        }
        $this->putJson('/readings', ['readings' => ['x']])->assertStatus(422)->assertJsonPath('message', 'There is no reading called "0".');
        $this->putJson('/readings', ['readings' => 'x'])->assertStatus(422);
        $this->post(
            '/gear', ['uuid' => fake()->uuid(), 'kind' => 'rod', 'name' => 'Rod', 'put_on' => ['2026-01-01']],
        )->assertSessionHasErrors('put_on');
        Auth::logout();
        $this->postJson('/sign-in', ['email' => ['a@example.test'], 'password' => ['x']])->assertStatus(422);
    }

    public function test_a_page_that_cannot_be_shown_does_not_send_back_to_itself(): void
    {
        $this->get('/loop-guide?ring=soup', ['Referer' => 'http://localhost/loop-guide?ring=soup'])->assertStatus(422)
            ->assertInertia(fn (AssertableInertia $page) => $page->component('Trouble'));
    }

    public function test_files_with_nonsense_in_them_are_refused_by_line(): void
    {
        foreach ([
            '{"lures":[{"family":"blade","weight":1e309,"finish":"gold"}]}' => ['refused' => 1],
            '{"lures":[{"family":["blade"],"weight":{"a":1},"finish":[]},[],7,null]}' => ['refused' => 4],
            '{"lures":[{"family":"blade","weight":"1/2 oz","finish":"gold\u0000"}]}' => ['refused' => 1],
            '{"lures":[{"id":["x"],"family":"blade","weight":"1/2 oz","finish":"gold"}]}' => ['refused' => 1],
            '{"lures":[{"family":"blade","weight":"1/2 oz","finish":"gold","hooks":[1],"holes":{"a":1}}]}' => ['refused' => 1],
        ] as $file => $expected) {
            $this->post(
                '/box/import', ['file' => UploadedFile::fake()->createWithContent('box.json', $file)],
                ['Accept' => 'application/json'],
            )->assertOk()->assertJson(['add' => 0, ...$expected]);
        }
        foreach ([
            '{"format":"eskith-rules","version":1,"weights":[1,2]}', '{"format":"eskith-rules","version":1,"own":{"a":1}}',
            '{"format":"eskith-rules","version":1,"weights":{"F1":1e309}}', '[]', '{', '7',
        ] as $file) {
            $this->postJson('/rules/import', ['text' => $file])->assertStatus(422);
        }
    }
}
