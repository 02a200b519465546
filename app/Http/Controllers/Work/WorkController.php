<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Data\Pages\WorkPage;
use App\Http\Controllers\Controller;
use App\Presenters\Lure\TodaysAnswer;
use App\Presenters\Plans\PlanPresenter;
use App\Presenters\Work\TouchedPresenter;
use App\Record\Logbook;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Work\WorkData;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Settings\Fault;
use Eskith\Telling\Work\WorkPresenter;
use Illuminate\Http\Request;
use Inertia\Response;

/** The Work station: the cadence repeated exactly. */
final class WorkController extends Controller
{
    public function show(Request $request): Response
    {
        $user = $this->angler($request);
        $tried = ReadingBook::among($request->query());
        [$answer, $trouble, $box] = TodaysAnswer::orTrouble($user, $tried, $this->textOrNull($request, 'pick'));
        $drop = $answer->chosen === null ? null : SingleDrop::at($box->kit, $box->book, $answer->chosen->key);
        [$work, $refused] = $drop === null
            ? [null, 'Put a lure in the box first. Its cadence is timed here.']
            : self::workOrWhy($box->kit, $drop);
        $plans = PlanPresenter::of($user, $drop);

        return (new WorkPage(
            answer: $answer,
            trouble: $trouble,
            work: $work,
            refused: $refused,
            plans: $plans->all(),
            kinds: $plans->kinds(),
            touched: TouchedPresenter::of($user),
            outing: Logbook::of($user)->underWay()?->uuid,
            rod: $user->rodInHand()?->uuid,
        ))->render();
    }

    /** @return array{WorkData|null, string|null} */
    private static function workOrWhy(Kit $kit, SingleDrop $drop): array
    {
        try {
            return [WorkPresenter::of($kit, $drop), null];
        } catch (InvalidInput $bad) {
            return [null, Fault::words($bad, $drop->book->settings->units)];
        }
    }
}
