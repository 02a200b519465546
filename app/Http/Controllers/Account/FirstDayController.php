<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Data\Pages\FirstDayPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\BeginFirstDay;
use App\Tackle\FirstDay;
use Eskith\Core\Care\Species;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Enums\WaterKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** Three questions, then the first pick. */
final class FirstDayController extends Controller
{
    public function show(Request $request): Response|RedirectResponse
    {
        if (! FirstDay::isAheadOf($this->angler($request))) {
            return to_route('lure');
        }
        $option = static fn (WaterKind|Species $one): OptionData => new OptionData($one->value, $one->word());

        return (new FirstDayPage(array_map($option, WaterKind::cases()), array_map($option, Species::cases())))->render();
    }

    public function store(BeginFirstDay $request): RedirectResponse
    {
        FirstDay::begin($request->angler(), $request->uuid(), $request->kind(), $request->fish(), $request->isFromBoat());

        return to_route('lure');
    }
}
