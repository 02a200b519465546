<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Middleware\SharePage;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Inertia\Inertia;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Inertia::setRootView('page');
        // Also for pages that no route leads to, such as a 404.
        Inertia::version(static fn (): ?string => (new SharePage)->version(request()));
        Model::shouldBeStrict(! $this->app->isProduction());
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(6)->by('sign-in:'.mb_strtolower((string) $request->string('email')).'|'.$request->ip()),
            Limit::perMinute(30)->by('sign-in:'.$request->ip()),
        ]);
        RateLimiter::for('register', static fn (Request $request): Limit => Limit::perMinute(6)->by('register:'.$request->ip()));
    }
}
