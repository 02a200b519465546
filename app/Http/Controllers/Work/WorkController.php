<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Choosing\SingleDrop;
use App\Data\Pages\WorkPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\JudgeLifts;
use App\Models\User;
use App\Presenters\Lure\TodaysAnswer;
use App\Presenters\Plans\PlanPresenter;
use App\Presenters\Work\LiftsPresenter;
use App\Presenters\Work\TouchedPresenter;
use App\Presenters\Work\WorkPresenter;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Data\Work\WorkData;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Settings\Fault;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** The Work station: the cadence repeated exactly. */
final class WorkController extends Controller
{
    public function show(Request $request): Response
    {
        $user = $this->angler($request);
        $tried = ReadingBook::among($request->query());
        [$answer, $trouble] = TodaysAnswer::orTrouble($user, $tried, $this->textOrNull($request, 'pick'));
        [$work, $refused] = $answer->chosen === null
            ? [null, 'Put a lure in the box first; its cadence is timed here.']
            : $this->workOrWhy($user, $answer->chosen->key, $trouble === null ? $tried : []);

        $plans = PlanPresenter::of($user, $answer->chosen === null ? null : SingleDrop::at($user, $answer->chosen->key));

        return (new WorkPage(
            answer: $answer,
            trouble: $trouble,
            work: $work,
            refused: $refused,
            plans: $plans->all(),
            kinds: $plans->kinds(),
            touched: TouchedPresenter::of($user),
        ))->render();
    }

    /** The timing alone, for a lure and for readings that are kept or only tried. */
    public function timing(Request $request): JsonResponse
    {
        $drop = SingleDrop::at($this->angler($request), $this->text($request, 'pick'), ReadingBook::among($request->query()));

        return response()->json(WorkPresenter::of($this->angler($request), $drop));
    }

    /** Lifts made in practice, told in words; nothing is kept. */
    public function judge(JudgeLifts $request): JsonResponse
    {
        return response()->json(LiftsPresenter::of(SingleDrop::at($request->angler(), $request->pick()), $request->lifts()));
    }

    /**
     * @param  array<string, mixed>  $tried
     * @return array{WorkData|null, string|null}
     */
    private function workOrWhy(User $user, string $pick, array $tried): array
    {
        try {
            return [WorkPresenter::of($user, SingleDrop::at($user, $pick, $tried)), null];
        } catch (InvalidInput $bad) {
            return [null, Fault::words($bad, $user->settings()->units)];
        }
    }
}
