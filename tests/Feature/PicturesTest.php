<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\Archive;
use App\Database\Caps;
use App\Models\Lure;
use App\Models\Outing;
use App\Models\Picture;
use App\Models\User;
use App\Pictures\PictureFile;
use App\Pictures\Pictures;
use Eskith\Core\Formats\Jpeg;
use Eskith\Telling\Enums\PictureOf;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Photo;
use ZipArchive;

/** Pictures of fish, lures and places: kept bare, seen by their angler and of a fish by the crew, gone with what they belong to. */
final class PicturesTest extends OnWaterTestCase
{
    private Outing $outing;

    private string $fish;

    protected function setUp(): void
    {
        parent::setUp();
        $this->outing = $this->tiedOn($this->angler);
        $this->fish = $this->landed($this->outing);
    }

    public function test_a_picture_of_a_fish_is_kept_with_nothing_of_what_the_camera_wrote_and_shown_with_it(): void
    {
        $uuid = (string) Str::uuid();
        $photo = Photo::withNotes(Photo::of(64, 48, 7));
        self::assertSame([], $this->sent('event', $this->fish, $uuid, $photo)->json('refused'));
        self::assertSame([], $this->sent('event', $this->fish, $uuid, Photo::of(80, 60))->json('refused'), 'again it changes nothing');

        $told = [['uuid' => $uuid, 'width' => 64, 'height' => 48]];
        self::assertSame($told, $this->page("/outings/{$this->outing->uuid}")['events'][0]['pictures']);
        self::assertSame($told, $this->page('/fish')['outing']['events'][0]['pictures']);
        $shown = $this->get("/pictures/{$uuid}")->assertOk()->assertHeader('Content-Type', 'image/jpeg')
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertStringContainsString('no-store', (string) $shown->headers->get('Cache-Control'));
        self::assertSame(Jpeg::read($photo)->bytes, $shown->getContent());
        foreach (Photo::NOTES as $note) {
            self::assertStringNotContainsString($note, (string) DB::table('picture_files')->value('bytes'));
        }
    }

    /** @return iterable<string, array{PictureOf}> */
    public static function kinds(): iterable
    {
        foreach (PictureOf::cases() as $of) {
            yield $of->value => [$of];
        }
    }

    #[DataProvider('kinds')]
    public function test_each_thing_of_ones_own_can_have_pictures_and_takes_them_with_it(PictureOf $of): void
    {
        $uuid = (string) Str::uuid();
        self::assertSame([], $this->sent($of->value, $this->thing($this->angler, $of), $uuid)->json('refused'));
        $id = $this->angler->{$of->table()}()->firstOrFail()->id;
        self::assertSame([$uuid], array_column(Pictures::ofOne($of, $id), 'uuid'));
        $this->get("/pictures/{$uuid}")->assertOk();

        // Of another's thing there is none to be made.
        $other = $this->withWater();
        $this->landed($this->tiedOn($other));
        $theirs = $this->thing($other, $of);
        $this->actingAs($this->angler);
        self::assertStringContainsString('gone from your record', $this->sent($of->value, $theirs)->json('refused.0.why'));

        if ($of === PictureOf::Lure) {
            // What was fished stays in the record.
            DB::table('setups')->where('lure_id', $id)->delete();
        }
        DB::table($of->table())->where('id', $id)->delete();
        self::assertSame([0, 0], [DB::table('pictures')->count(), DB::table('picture_files')->count()]);
    }

    public function test_pictures_of_a_lure_and_of_a_spot_stand_where_these_are_looked_at(): void
    {
        $lure = $this->angler->lures()->firstOrFail();
        [$ofLure, $ofSpot] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->sent('lure', (string) $lure->id, $ofLure);
        $this->sent('spot', $this->thing($this->angler, PictureOf::Place), $ofSpot);
        self::assertSame([$ofLure], array_column($this->page("/tackle/{$lure->id}")['bench']['pictures'], 'uuid'));
        $spot = $this->thing($this->angler, PictureOf::Place);
        self::assertSame([$ofSpot], array_column($this->getJson("/spots/{$spot}/pictures")->json('pictures'), 'uuid'));
        $other = $this->withWater();
        $this->actingAs($other)->getJson("/spots/{$spot}/pictures")->assertNotFound();
        $this->actingAs($this->angler);

        $this->delete("/pictures/{$ofLure}")->assertNoContent();
        $this->delete("/pictures/{$ofLure}")->assertNoContent();
        $this->get("/pictures/{$ofLure}")->assertNotFound();
        self::assertSame([], $this->page("/tackle/{$lure->id}")['bench']['pictures']);
    }

    public function test_only_its_angler_and_the_crew_of_its_outing_can_fetch_it(): void
    {
        [$ofFish, $ofLure] = [(string) Str::uuid(), (string) Str::uuid()];
        $this->sent('event', $this->fish, $ofFish);
        $this->sent('lure', (string) $this->angler->lures()->firstOrFail()->id, $ofLure);
        $this->post("/outings/{$this->outing->uuid}/crew");
        $code = (string) $this->outing->refresh()->crew?->code;
        $mate = $this->withWater();

        $this->actingAs($mate)->get("/pictures/{$ofFish}")->assertNotFound();
        $this->delete("/pictures/{$ofFish}")->assertNoContent();
        $this->post('/crews/join', ['code' => $code, 'uuid' => (string) Str::uuid()])->assertSessionHasNoErrors();
        $this->get("/pictures/{$ofFish}")->assertOk();
        self::assertSame([$ofFish], array_column($this->page('/fish')['outing']['crew']['events'][0]['pictures'], 'uuid'));
        $this->get("/pictures/{$ofLure}")->assertNotFound();

        $this->outing->events()->update(['undone_at' => Carbon::now()]);
        $this->get("/pictures/{$ofFish}")->assertNotFound();
        $this->outing->events()->update(['undone_at' => null]);
        $this->outing->update(['deleted_at' => Carbon::now()]);
        $this->get("/pictures/{$ofFish}")->assertNotFound();
        $this->outing->update(['deleted_at' => null]);
        $mate->outings()->update(['crew_id' => null]);
        $this->get("/pictures/{$ofFish}")->assertNotFound();
        auth()->logout();
        $this->get("/pictures/{$ofFish}")->assertRedirect('/sign-in');
    }

    public function test_what_is_no_picture_is_refused_and_so_is_one_too_many(): void
    {
        foreach (['<svg xmlns="http://www.w3.org/2000/svg" onload="alert(1)"/>', '<html>', 'GIF89a', "\0\0"] as $file) {
            self::assertStringContainsString('no picture', $this->sent('event', $this->fish, null, $file)->json('refused.0.why'));
        }
        $wrongs = [['file' => null], ['file' => '***'], ['file' => ['a']], ['of' => 'water'], ['thing' => '1; drop'], ['thing' => []]];
        foreach ($wrongs as $wrong) {
            self::assertCount(1, $this->taps([[
                'uuid' => (string) Str::uuid(), 'do' => 'picture', 'of' => 'lure', 'thing' => '1',
                'file' => base64_encode(Photo::of()), ...$wrong,
            ]])->json('refused'), json_encode($wrong, JSON_THROW_ON_ERROR));
        }
        self::assertSame(0, DB::table('pictures')->count());
        for ($i = 0; $i < Pictures::OF_ONE; $i++) {
            self::assertSame([], $this->sent('event', $this->fish)->json('refused'));
        }
        self::assertSame('A fish has up to 12 pictures. Take one away first.', $this->sent('event', $this->fish)->json('refused.0.why'));
    }

    public function test_a_fish_of_an_outing_that_is_over_can_still_have_one(): void
    {
        $this->post("/outings/{$this->outing->uuid}/end");
        Carbon::setTestNow(Carbon::now()->addDays(3));
        self::assertSame([], $this->sent('event', $this->fish)->json('refused'));
        self::assertSame(1, DB::table('pictures')->count());
    }

    public function test_all_pictures_of_one_angler_have_so_much_room(): void
    {
        $size = strlen(Jpeg::read(Photo::of())->bytes);
        $this->sent('event', $this->fish);
        DB::table('pictures')->update(['size' => Caps::PICTURE_BYTES - $size]);
        self::assertSame([], $this->sent('event', $this->fish)->json('refused'));
        self::assertStringContainsString('all used', $this->sent('event', $this->fish)->json('refused.0.why'));
    }

    public function test_two_hundred_go_into_the_archive_and_back(): void
    {
        $copies = array_map(function (): int {
            $copy = $this->angler->lures()->firstOrFail()->replicate()->fill(['uuid' => (string) Str::uuid()]);
            $copy->save();

            return $copy->id;
        }, range(1, 17));
        $all = [];
        foreach (range(0, 199) as $i) {
            $uuid = (string) Str::uuid();
            [$of, $id] = $i === 0 ? [PictureOf::Fish, $this->outing->events()->firstOrFail()->id] : [PictureOf::Lure, $copies[$i % 17]];
            Pictures::of($this->angler)->keep($of, $id, $uuid, Carbon::now(), Photo::of(64, 48, $i));
            $all[$uuid] = Jpeg::read(Photo::of(64, 48, $i))->bytes;
        }
        $path = Archive::write($this->angler);
        $zip = new ZipArchive;
        $zip->open($path);
        foreach ($all as $uuid => $bytes) {
            self::assertSame($bytes, $zip->getFromName("pictures/{$uuid}.jpg"));
        }
        // One that was spoiled, and one that is missing, are left out alone.
        [$spoiled, $missing] = [array_keys($all)[5], array_keys($all)[6]];
        $zip->addFromString("pictures/{$spoiled}.jpg", '<svg/>');
        $zip->deleteName("pictures/{$missing}.jpg");
        $zip->close();
        unset($all[$spoiled], $all[$missing]);

        $again = User::factory()->create();
        $this->actingAs($again);
        self::assertStringContainsString('2 refused', $this->take($path));
        $kept = Picture::query()->where('user_id', $again->id)->get()->keyBy('uuid');
        self::assertEqualsCanonicalizing(array_keys($all), $kept->keys()->all());
        foreach ($kept as $picture) {
            self::assertSame($all[$picture->uuid], PictureFile::read($picture->id));
        }
        $fish = $kept->whereNotNull('event_id')->sole()->event_id;
        self::assertSame($again->id, (int) DB::table('events')->where('id', $fish)->value('user_id'));
        self::assertStringContainsString('Read in: 0 added', $this->take($path));
        self::assertSame(198, DB::table('pictures')->where('user_id', $again->id)->count());
    }

    private function take(string $path): string
    {
        $this->post('/account/archive', ['file' => new UploadedFile($path, 'a.zip', test: true)])->assertSessionHasNoErrors();

        return (string) session('said');
    }

    private function tiedOn(User $angler): Outing
    {
        $this->actingAs($angler)->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ])->assertSessionHasNoErrors();

        return $angler->outings()->sole();
    }

    private function landed(Outing $outing): string
    {
        $uuid = (string) Str::uuid();
        $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => $uuid, 'kind' => 'fish', 'species' => 'walleye', 'landed' => true])
            ->assertOk();

        return $uuid;
    }

    /** As a picture names it. */
    private function thing(User $angler, PictureOf $of): string
    {
        $thing = $angler->{$of->table()}()->firstOrFail();

        return (string) ($thing instanceof Lure || $of === PictureOf::Place ? $thing->id : $thing->uuid);
    }

    private function sent(string $of, string $thing, ?string $uuid = null, ?string $file = null): TestResponse
    {
        return $this->taps([[
            'uuid' => $uuid ?? (string) Str::uuid(), 'do' => 'picture', 'at' => Carbon::now()->toIso8601ZuluString('millisecond'),
            'of' => $of, 'thing' => $thing, 'file' => base64_encode($file ?? Photo::of()),
        ]], $of === 'event' ? "/outings/{$this->outing->uuid}/taps" : '/taps');
    }

    /** @param  list<array<string, mixed>>  $taps */
    private function taps(array $taps, string $address = '/taps'): TestResponse
    {
        return $this->postJson($address, ['angler' => auth()->id(), 'taps' => $taps])->assertOk();
    }

    /** @return array<string, mixed> */
    private function page(string $address): array
    {
        return (array) json_decode((string) json_encode($this->get($address)->assertOk()->viewData('page')['props']), true);
    }
}
