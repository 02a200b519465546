<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Data\Places\PlacedMarkData;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Validation\Rule;

/** A mark laid on the chart, or changed. */
final class KeepMark extends AnglerRequest
{
    use ChangedFields;
    use TypedPosition;

    private const FIELDS = [
        'kind' => ['kind'], 'x' => ['east_m'], 'y' => ['north_m'], 'depth' => ['depth_m'], 'bottom' => ['bottom'], 'side' => ['side'],
        'direction' => ['direction'], 'note' => ['note'],
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $metres = ['required_without:position', 'nullable', 'numeric', 'between:'.-Frame::FARTHEST_M.','.Frame::FARTHEST_M];

        return [
            'uuid' => ['required', 'uuid'], 'kind' => ['required', Rule::enum(MarkKind::class)], 'x' => $metres, 'y' => $metres,
            'depth' => ['nullable', 'string', 'max:40'], 'bottom' => ['nullable', Rule::enum(Bottom::class)],
            'side' => [
                'nullable', 'string', 'max:80',
            ], 'direction' => ['nullable', 'string', 'max:80'], 'note' => ['nullable', 'string', 'max:300'],
            'position' => ['nullable', 'string', 'max:80'], ...self::changedRules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind' => 'Choose what the mark is.', 'x' => 'A mark lies on the chart.', 'y' => 'A mark lies on the chart.',
            'side.max' => 'Keep the side to 80 letters.', 'direction.max' => 'Keep the direction to 80 letters.',
            'note.max' => 'Keep the note to 300 letters.', 'bottom' => 'Choose a bottom from the list.',
        ];
    }

    public function kind(): MarkKind
    {
        return MarkKind::from($this->word('kind'));
    }

    /**
     * Metres round its water: as a position was typed, else as it stands on the chart.
     *
     * @throws InvalidInput when what was typed is none
     */
    public function at(): Position
    {
        return $this->typedPosition() ?? new Position($this->float('x'), $this->float('y'));
    }

    /**
     * What becomes another of a mark that is there.
     *
     * @return array<string, mixed> columns
     *
     * @throws InvalidInput when the depth is none, or somebody else changed the same
     */
    public function changes(PlacedMarkData $now): array
    {
        return $this->changedOf([...$this->columns(), 'kind' => $this->kind()], self::FIELDS, $now);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput when the depth is none
     */
    public function columns(): array
    {
        $unit = $this->angler()->settings()->units->depth;
        $depth = $this->filled('depth') ? Measure::parse($this->word('depth'), $unit, 'depth')->si : null;
        if ($depth !== null && ! ($depth >= 0.0 && $depth <= 500.0)) {
            throw InvalidInput::because('depth', 'A mark lies between the surface and 500 m down.');
        }
        $at = $this->at();

        return [
            'east_m' => $at->east, 'north_m' => $at->north, 'depth_m' => $depth, 'bottom' => $this->enum('bottom', Bottom::class),
            'side' => trim($this->word('side')), 'direction' => trim($this->word('direction')), 'note' => trim($this->word('note')),
        ];
    }
}
