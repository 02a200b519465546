<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Presenters\PicturePresenter;
use App\Settings\Settings;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** Units, schools and theme. */
final class SettingsController extends Controller
{
    public function edit(Request $request): Response
    {
        $set = $this->angler($request)->settings ?? [];

        return Inertia::render('Settings', [
            'picture' => PicturePresenter::today($this->angler($request)),
            'choices' => Settings::CHOICES,
            'settings' => array_map(static fn (string $name): string => $set[$name] ?? Settings::CHOICES[$name][0], array_combine(array_keys(Settings::CHOICES), array_keys(Settings::CHOICES))),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $rules = array_map(static fn (array $choices): array => ['sometimes', Rule::in($choices)], Settings::CHOICES);
        /** @var array<string, string> $given */
        $given = $request->validate($rules);
        $user = $this->angler($request);
        DB::transaction(static fn () => $user->refresh()->update(['settings' => [...$user->settings ?? [], ...$given]]));

        return back()->with('said', 'Kept.');
    }
}
