<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Outing;
use App\Pictures\Pictures;
use Eskith\Core\Formats\Jpeg;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Enums\PictureOf;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** A picture of a fish, with its outing; of a lure or a spot, with the day. It comes with what it holds, as base64. */
final class PictureTap extends AnglerRequest implements ActsOnDay, ActsOnOuting
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'uuid' => ['required', 'uuid'], 'at' => self::moment(), 'of' => ['required', Rule::enum(PictureOf::class)],
            'thing' => ['required', 'string', 'max:40'], 'file' => ['required', 'string', 'max:'.intdiv(Jpeg::BYTES + 2, 3) * 4],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'at' => "The time of this picture can't be right.", 'of' => 'Say what this picture shows.',
            'thing' => 'Say what this picture shows.', 'file' => 'This picture is gone from this phone. Let it go, and add it again.',
        ];
    }

    public function act(Outing $outing): void
    {
        $this->actOnDay();
    }

    public function actOnDay(): void
    {
        $of = PictureOf::from($this->word('of'));
        $id = Coerce::whole($this->thing($of) ?? throw InvalidInput::because(
            'thing', 'The {of} of this picture is gone from your record. Keep the picture as a file, or let it go.',
            of: $of->word(),
        ));
        $file = base64_decode($this->word('file'), true);
        Pictures::of($this->angler())->keep(
            $of, $id, $this->uuid(), $this->date('at') ?? Carbon::now(), $file === false ? '' : $file,
        );
    }

    private function thing(PictureOf $of): mixed
    {
        $thing = $this->word('thing');

        return match ($of) {
            PictureOf::Fish => $this->angler()->events()->ofOutingsThatStand()->where('uuid', $thing)->value('id'),
            PictureOf::Lure => ctype_digit($thing) ? $this->angler()->lures()->whereKey($thing)->value('id') : null,
            PictureOf::Place => ctype_digit($thing) ? $this->angler()->spots()->whereKey($thing)->value('id') : null,
        };
    }
}
