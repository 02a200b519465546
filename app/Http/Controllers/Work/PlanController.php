<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Http\Controllers\Controller;
use App\Http\Requests\KeepPlan;
use App\Http\Requests\PlanWorked;
use App\Http\Requests\TickPlan;
use App\Kits\Kits;
use App\Models\Plan;
use App\Models\User;
use App\Plans\PlanBook;
use App\Presenters\Plans\PlanPresenter;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Choosing\SingleDrop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Plans of casts and drifts. */
final class PlanController extends Controller
{
    public function store(KeepPlan $request): RedirectResponse
    {
        $user = $request->angler();
        // Laid out once, so that what cannot be is refused before it is kept.
        $tried = new Plan([
            'uuid' => $request->uuid(), 'kind' => $request->kind(), 'name' => $request->name(), 'fields' => $request->fields(),
            'made' => [], 'outing_id' => null, 'worked' => null,
        ]);
        PlanPresenter::of($user, self::drop($user))->demand($tried);
        PlanBook::of($user)->keep($request->uuid(), $request->kind(), $request->name(), $request->fields());

        return back();
    }

    public function make(TickPlan $request, Plan $plan): JsonResponse
    {
        PlanBook::of($request->angler())->make($plan, $request->integer('number'), $request->boolean('made'));

        return $this->told($request, $plan);
    }

    public function worked(PlanWorked $request, Plan $plan): JsonResponse
    {
        PlanBook::of($request->angler())->worked($plan, $request->worked());

        return $this->told($request, $plan);
    }

    public function destroy(Request $request, Plan $plan): RedirectResponse
    {
        PlanBook::of($this->angler($request))->putAway($plan);

        return back();
    }

    private function told(Request $request, Plan $plan): JsonResponse
    {
        $user = $this->angler($request);

        return response()->json(PlanPresenter::of($user, self::drop($user))->one($plan->refresh()));
    }

    /** What is on the rod in hand, else the first pick; null for an empty box. */
    public static function drop(User $user): ?SingleDrop
    {
        try {
            $first = Kits::ranked($user)->ranked[0] ?? null;

            return $first === null ? null : Kits::drop($user, RankedBox::key($first));
        } catch (InvalidInput) {
            return null;
        }
    }
}
