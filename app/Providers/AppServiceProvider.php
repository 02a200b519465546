<?php

declare(strict_types=1);

namespace App\Providers;

use App\Account\ResetLetter;
use App\Database\LockingSqliteConnection;
use App\Http\DevelopmentScripts;
use App\Http\Middleware\SharePage;
use App\Http\WholeFileSessionHandler;
use App\Instruments\Forecasts;
use App\Instruments\KeptForecasts;
use App\Models\User;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Inertia\Inertia;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(Forecasts::class, KeptForecasts::class);
        Connection::resolverFor(
            'sqlite',
            static fn (
                PDO|\Closure $pdo, string $database, string $prefix, array $config
            ): Connection => new LockingSqliteConnection($pdo, $database, $prefix, $config),
        );
    }

    public function boot(): void
    {
        Inertia::setRootView('page');
        Session::extend('file', static fn (Application $app): WholeFileSessionHandler => new WholeFileSessionHandler(
            $app->make(Filesystem::class), Config::string('session.files'), Config::integer('session.lifetime'),
        ));
        // Also for pages that no route leads to, such as a 404.
        Inertia::version(static fn (): ?string => (new SharePage)->version(request()));
        DevelopmentScripts::look();
        // What is read first comes first: styles and fonts before the scripts that take its place.
        Vite::useScriptTagAttributes(['fetchpriority' => 'low']);
        Vite::usePreloadTagAttributes(
            static fn (?string $source, string $url): array => str_ends_with($url, '.css') ? [] : ['fetchpriority' => 'low'],
        );
        ResetPassword::toMailUsing(static fn (mixed $angler, string $token): MailMessage => $angler instanceof User
            ? ResetLetter::write($angler, $token)
            : throw new \LogicException('Only anglers forget passwords here.'));
        Model::shouldBeStrict(! $this->app->isProduction());
        $email = static fn (Request $request): string => is_string($request->input('email')) ? User::address($request->input('email')) : '';
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(6)->by('sign-in:'.$email($request).'|'.$request->ip()),
            Limit::perMinute(30)->by('sign-in:'.$request->ip()),
        ]);
        RateLimiter::for('reset', static fn (Request $request): array => [
            Limit::perMinute(6)->by('reset:'.$email($request)),
            Limit::perMinute(10)->by('reset:'.$request->ip()),
        ]);
        RateLimiter::for('demo', static fn (Request $request): Limit => Limit::perMinute(20)->by('demo:'.$request->ip()));
        RateLimiter::for(
            'password',
            static fn (Request $request): Limit => Limit::perMinute(6)->by(
                'password:'.($request->user() instanceof User ? $request->user()->id : ''),
            ),
        );
        RateLimiter::for('writes', static function (Request $request): Limit {
            $often = $request->routeIs('outings.taps.store', 'outings.events.store', 'readings.update');
            $angler = $request->user() instanceof User ? $request->user()->id : '';

            return $request->isMethodSafe()
                ? Limit::none()
                : Limit::perMinute(Config::integer($often ? 'eskith.often_a_minute' : 'eskith.writes_a_minute'))
                    ->by(($often ? 'often:' : 'writes:').$angler);
        });
        // A code has eight letters of thirty-one: nobody guesses one at this pace.
        RateLimiter::for('code', static fn (Request $request): array => [
            Limit::perMinute(6)->by('code:'.($request->user() instanceof User ? $request->user()->id : '')),
            Limit::perMinute(30)->by('code:'.$request->ip()),
        ]);
        RateLimiter::for('register', static fn (Request $request): Limit => Limit::perMinute(6)->by('register:'.$request->ip()));
    }
}
