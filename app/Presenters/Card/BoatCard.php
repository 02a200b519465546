<?php

declare(strict_types=1);

namespace App\Presenters\Card;

use App\Kits\Kits;
use App\Models\User;
use Eskith\Core\Cadence\Counts;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\CautionData;
use Eskith\Telling\Data\Lure\AnswerData;
use Eskith\Telling\Data\Lure\PickData;
use Eskith\Telling\Data\Lure\StepData;
use Eskith\Telling\Data\Water\ReadingData;
use Eskith\Telling\Lure\AnswerPresenter;
use Eskith\Telling\Lure\Drawing;
use Eskith\Telling\Rig\RigPresenter;
use Eskith\Telling\Water\ChartPresenter;
use Illuminate\Support\Carbon;

/** One page for the tackle tray, in black and white: today's readings, the first pick and its ladder, the weight chart, the cautions. */
final readonly class BoatCard
{
    /** Readings told at the head, in this order, where they stand. */
    private const READINGS = ['temp', 'depth', 'drift', 'current', 'wind', 'clarity', 'light', 'food', 'bottom', 'species', 'how'];

    /** Rows and columns of the weight chart. */
    private const CHART = [7, 8];

    /** Pixels for a millimetre of lure. */
    private const FIRST_SCALE = 4.2;

    private const STEP_SCALE = 1.6;

    /** Sizes of the type tried until all of it fits on one page, pt. */
    private const SIZES = [12.0, 11.0, 10.0, 9.0, 8.0];

    public function html(User $user, ?string $pick): string
    {
        $told = $this->told($user, $pick);

        // A browser prints it on one page too, as long as more cautions mean smaller type.
        return view('boat-card', [...$told, 'size' => self::SIZES[0] - 0.5 * max(0, count($told['cautions']) - 3)])->render();
    }

    /** @return array{cautions: list<CautionData>, ...} */
    private function told(User $user, ?string $pick): array
    {
        $rankedBox = Kits::ranked($user);
        $answer = AnswerPresenter::of($rankedBox, $pick);
        $first = $answer->chosen;
        $candidate = $first === null ? null : $rankedBox->find($first->key)?->candidate;
        $rig = $candidate === null ? null : RigPresenter::inShort($rankedBox, $candidate);

        return [
            'place' => $answer->column->place,
            'day' => Carbon::now()->format('l j F'),
            'headline' => $answer->headline,
            'lead' => $answer->lead,
            'readings' => self::readings($answer),
            'first' => $first,
            'drawing' => $first === null ? null : LureOutline::dataUri($first->drawing, $first->holeIndex, self::FIRST_SCALE),
            'hole' => $first === null ? '' : self::hole($first),
            'rig' => $rig === null ? null : Words::sentences($rig->wrong, $rig->bears),
            'counts' => $candidate === null ? null : self::counts($candidate, $rankedBox->situation)?->words(),
            'move' => $answer->move,
            'steps' => $first === null ? [] : array_map(static fn (StepData $step): array => self::step($step, $rankedBox), $first->ladder),
            'chart' => ChartPresenter::of($rankedBox->kit, $rankedBox->book, 'drift', 'box', ...self::CHART),
            'cautions' => $answer->cautions,
        ];
    }

    public function pdf(User $user, ?string $pick, bool $compressed = true): string
    {
        $told = $this->told($user, $pick);
        foreach (self::SIZES as $size) {
            $pdf = PrintedPage::of(view('boat-card', [...$told, 'size' => $size])->render());
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return (string) $pdf->output(['compress' => $compressed ? 1 : 0]);
    }

    /** @return list<array{string, string}> label and value */
    private static function readings(AnswerData $answer): array
    {
        $told = array_filter(
            array_map(static fn (string $name): ?ReadingData => $answer->readings[$name] ?? null, self::READINGS),
            static fn (?ReadingData $reading): bool => $reading !== null && $reading->source !== 'missing',
        );

        return array_values(array_map(static fn (ReadingData $reading): array => [$reading->label, $reading->shown], $told));
    }

    /** "middle hole, 2nd of 3 from the nose". */
    private static function hole(PickData $pick): string
    {
        $count = count($pick->drawing->holes);
        $nth = ['1st', '2nd', '3rd', '4th', '5th', '6th'][$pick->holeIndex ?? 0] ?? '';

        return match (true) {
            $pick->holeIndex === null => 'tie to the eye',
            $count > 1 => Words::of('{hole} hole, {nth} of {count} from the nose', hole: $pick->hole, nth: $nth, count: $count),
            default => Words::of('{hole} hole', hole: $pick->hole),
        };
    }

    private static function counts(Candidate $candidate, Situation $situation): ?Counts
    {
        $steps = $candidate->cadence === null ? null : $situation->steps($candidate->cadence, $candidate->lure);
        if (
            $steps === null
                || $situation->columnIfStill === null
                || $steps->liftM <= 0.0
                || $steps->liftM > $situation->columnIfStill->toM
        ) {
            return null;
        }
        $repeat = Repeat::of($steps, $candidate->lure->body, Falling::betweenLifts($candidate, $steps->fall), $situation->columnIfStill);

        return Counts::of($steps, $steps->liftM / $repeat->fallSeconds);
    }

    /** @return array{words: string, when: string, title: string, way: string, down: string, drawing: string} */
    private static function step(StepData $step, RankedBox $rankedBox): array
    {
        $candidate = $rankedBox->demand($step->key)->candidate;
        $say = $rankedBox->situation->say;
        $drop = array_filter([
            $candidate->secondsToBottom === null ? '' : Words::of('{seconds} down', seconds: $say->seconds($candidate->secondsToBottom)),
            $candidate->weighed->lineAngleDeg === null ? '' : Words::of(
                '{angle} line', angle: $say->angle($candidate->weighed->lineAngleDeg),
            ),
        ]);

        return [
            'words' => ucfirst($step->words),
            'when' => $step->hardly ? 'hardly worth it today' : Words::of('after {minutes} min without a bite', minutes: $step->minutes),
            'title' => $step->title, 'way' => $step->subtitle, 'down' => implode(', ', $drop),
            'drawing' => LureOutline::dataUri(
                Drawing::of($rankedBox->row($candidate->lure), $candidate->lure), $candidate->holeIndex, self::STEP_SCALE,
            ),
        ];
    }
}
