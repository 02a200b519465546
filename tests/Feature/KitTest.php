<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\Kits;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Doing\Done;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kit;
use Eskith\Telling\OnBoard;
use Eskith\Telling\Question;
use Eskith\Telling\Tell;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Situations;
use Tests\TestCase;

/** What is told of a kit that was taken along is what the server tells, byte for byte. */
final class KitTest extends TestCase
{
    use RefreshDatabase;

    private const DRAWN = 40;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow(Carbon::parse('2026-11-25 07:30:00.250'));
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_every_question_is_answered_alike_by_the_server_and_by_a_kit_that_was_written_and_read(): void
    {
        $this->seed(DemoSeeder::class);
        $this->actingAs($this->angler = User::query()->sole());
        $file = Kits::whole($this->angler)->json();
        $random = new Randomizer(new Mt19937(27));
        $met = [];
        for ($i = 0; $i < self::DRAWN; $i++) {
            $tried = Situations::drawn($random);
            $address = http_build_query($tried);
            $answer = $this->getJson("/answer?{$address}");
            if ($answer->status() === 422) {
                $this->expectRefused($file, $tried);
                $met['refused'] = ($met['refused'] ?? 0) + 1;

                continue;
            }
            self::assertSame($answer->assertOk()->getContent(), self::told($file, 'answer', $tried));
            $keys = array_column((array) $answer->json('rack'), 'key');
            $met[$keys[0]] = 1;
            $pick = $keys[$i % count($keys)];
            foreach ($i % 4 === 0 ? Question::cases() : [] as $question) {
                $given = [...$tried, ...Situations::given($question, $keys[0], $pick)];
                $server = $question->isLong()
                    ? $this->postJson("/{$question->value}", $given)
                    : $this->getJson("/{$question->value}?".http_build_query($given));
                if ($server->status() === 422) {
                    $this->expectRefused($file, $given, $question);

                    continue;
                }
                $told = $server->assertOk()->getContent();
                $met[$question->value] = 1;
                // What worked before is read from the record.
                $told = $question === Question::SecondLook ? Tell::json([...(array) $server->json(), 'before' => null]) : $told;
                $kit = self::told($file, $question->value, $given);
                $kit = $question === Question::SecondLook ? Tell::json((array) json_decode($kit, true)) : $kit;
                self::assertSame($told, $kit, $question->value);
            }
        }
        self::assertSame([], array_diff(array_column(Question::cases(), 'value'), array_keys($met)), 'each was answered');

        self::assertLessThan(self::DRAWN / 2, $met['refused'] ?? 0);
        self::assertGreaterThan(5, count($met), 'of these situations not all end alike');
    }

    /** @param  array<string, string>  $given */
    private static function told(string $file, string $question, array $given): string
    {
        $answer = Question::from($question)->of(Kit::read($file), $given, Carbon::now());

        return Tell::json($answer);
    }

    /** @param  array<string, string>  $given */
    private function expectRefused(string $file, array $given, Question $question = Question::Answer): void
    {
        try {
            self::told($file, $question->value, $given);
            self::fail('The server refuses this.');
        } catch (InvalidInput) {
            // So does the kit.
        }
    }

    public function test_a_reading_typed_on_the_device_is_answered_as_if_the_server_kept_it(): void
    {
        $this->seed(DemoSeeder::class);
        $this->actingAs(User::query()->sole());
        $kit = Kit::read((string) $this->get('/kit')->assertOk()->getContent());
        $typed = ['depth' => '31ft', 'drift' => null, 'clarity' => 'clear', 'temp' => '39 F'];
        $kept = $this->putJson('/readings', ['readings' => $typed])->assertOk()->getContent();

        $done = array_map(static fn (string $name, ?string $text): array => [
            'do' => 'read', 'name' => $name, 'text' => $text, 'at' => Carbon::now()->toIso8601ZuluString('microsecond'), 'outing' => 'day',
        ], array_keys($typed), $typed);
        self::assertSame($kept, Tell::json(Question::Answer->of(Done::over($kit, $done), [], Carbon::now())));
        self::assertNotSame($kept, Tell::json(Question::Answer->of($kit, [], Carbon::now())));
    }

    public function test_a_kit_is_of_who_is_signed_in_and_a_text_that_is_none_does_not_stop_it(): void
    {
        $this->getJson('/kit')->assertUnauthorized();
        $mine = $this->anglerOnTheLake();
        $lure = $mine->lures()->firstOrFail();
        DB::table('lures')->where('id', $lure->id)->update(['mass_text' => "half a letter \xc3"]);
        $other = $this->angler();
        $kit = fn (User $user): array => array_map(
            static fn (KeptLure $one): int => $one->id(),
            Kit::read((string) $this->actingAs($user)->get('/kit')->assertOk()->getContent())->lures,
        );

        self::assertContains($lure->id, $kit($mine));
        self::assertSame([], $kit($other));
        self::assertStringContainsString('no-store', (string) $this->get('/kit')->headers->get('Cache-Control'));
    }

    public function test_a_device_hears_refusals_as_from_the_server(): void
    {
        $this->actingAs($user = $this->anglerOnTheLake());
        OnBoard::take(Kits::whole($user)->json());
        $asked = static fn (array $given, string $question = 'answer'): array => (array) json_decode(OnBoard::answer((string) json_encode(
            ['question' => $question, 'given' => $given, 'done' => [], 'now' => Carbon::now()->getTimestamp()],
        )), true);
        $server = $this->getJson('/answer?depth=soup');
        self::assertSame(['status' => 422, 'body' => $server->assertStatus(422)->json()], $asked(['depth' => 'soup']));
        $server = $this->getJson('/cast?pick=1.middle.low_hop');
        self::assertSame(422, $asked(['pick' => '1.middle.low_hop'], 'cast')['status']);
        self::assertSame($server->assertStatus(422)->json(), $asked(['pick' => '1.middle.low_hop'], 'cast')['body']);
    }

    public function test_the_command_line_tells_what_the_address_answers(): void
    {
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $asked = [
            'file' => json_decode(Kits::whole($this->angler)->json()), 'question' => 'answer', 'given' => ['depth' => '31 ft'],
            'now' => Carbon::now()->format(DATE_ATOM),
        ];
        $process = proc_open(
            [PHP_BINARY, base_path('bin/eskith'), 'tell'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes,
        );
        self::assertNotFalse($process);
        fwrite($pipes[0], (string) json_encode($asked, JSON_PRESERVE_ZERO_FRACTION));
        fclose($pipes[0]);
        $said = (string) stream_get_contents($pipes[1]);
        self::assertSame('', (string) stream_get_contents($pipes[2]));
        proc_close($process);

        self::assertSame($this->getJson('/answer?depth=31+ft')->json(), json_decode($said, true));
    }

    /** @return iterable<string, array{mixed, string, int}> */
    public static function bad(): iterable
    {
        $asked = ['file' => ['version' => Kit::VERSION, 'kit' => []], 'question' => 'answer', 'now' => '2026-11-25T07:30:00+01:00'];
        yield 'no question' => [[...$asked, 'question' => 'why'], 'a question, one of answer, way, second-look, compare, on-top', 2];
        yield 'no input' => [null, 'The input must be a JSON object', 2];
        yield 'another version' => [[...$asked, 'file' => ['version' => 99]], 'kit: This is no kit of this version', 1];
        yield 'an empty kit' => [$asked, 'set: It is not what it must be here.', 1];
        yield 'no moment' => [[...$asked, 'now' => 'soon'], 'now: Say when it is asked', 1];
    }

    #[DataProvider('bad')]
    public function test_what_cannot_be_told_is_refused_in_a_sentence(mixed $asked, string $words, int $status): void
    {
        [$out, $complaint, $code] = Tell::run((string) json_encode($asked));

        self::assertSame(['', $status], [$out, $code]);
        self::assertStringContainsString($words, $complaint);
    }

    public function test_a_kit_that_somebody_changed_is_refused_at_its_field(): void
    {
        $kit = json_decode(Kits::whole($this->anglerOnTheLake())->json(), true);
        $kit['kit']['readings'][0]['text'] = 7;

        $this->expectExceptionMessage('It is not what it must be here.');
        Kit::read((string) json_encode($kit));
    }
}
