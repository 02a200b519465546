<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Controllers\Controller;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Opening the demo. */
final class DemoController extends Controller
{
    public function store(Request $request): RedirectResponse
    {
        abort_unless((bool) config('eskith.demo'), 404);
        Auth::login(User::query()->where('email', config('eskith.demo_email'))->firstOrFail());
        $request->session()->regenerate();

        return to_route('home');
    }
}
