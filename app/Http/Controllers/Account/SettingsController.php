<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Account\Preferences;
use App\Data\Pages\SettingsPage;
use App\Http\Controllers\Controller;
use App\Http\Requests\KeepSettings;
use Eskith\Telling\Settings\Settings;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

/** Units, schools and theme. */
final class SettingsController extends Controller
{
    public function edit(Request $request): Response
    {
        $user = $this->angler($request);

        return (new SettingsPage(Settings::CHOICES, Settings::chosen($user->settings ?? [])))->render();
    }

    public function update(KeepSettings $request): RedirectResponse
    {
        Preferences::change($request->angler(), static fn (array $set): array => [...$set, ...$request->choices()]);

        return back()->with('said', 'Kept.');
    }
}
