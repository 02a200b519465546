<?php

declare(strict_types=1);

use App\Data\Pages\TroublePage;
use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\ArchiveController;
use App\Http\Controllers\Account\DemoController;
use App\Http\Controllers\Account\FirstDayController;
use App\Http\Controllers\Account\ForgottenPasswordController;
use App\Http\Controllers\Account\OtherDevicesController;
use App\Http\Controllers\Account\PasswordController;
use App\Http\Controllers\Account\PhoneController;
use App\Http\Controllers\Account\RegisterController;
use App\Http\Controllers\Account\SessionController;
use App\Http\Controllers\Account\SettingsController;
use App\Http\Controllers\Fish\CrewController;
use App\Http\Controllers\Fish\DayTapController;
use App\Http\Controllers\Fish\EventController;
use App\Http\Controllers\Fish\FishController;
use App\Http\Controllers\Fish\LogFileController;
use App\Http\Controllers\Fish\OutingController;
use App\Http\Controllers\Fish\OutingEndController;
use App\Http\Controllers\Fish\OutingNowController;
use App\Http\Controllers\Fish\PutBackController;
use App\Http\Controllers\Fish\SetupController;
use App\Http\Controllers\Fish\TapController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LookBack\LookBackController;
use App\Http\Controllers\LookBack\PlacesFishedController;
use App\Http\Controllers\LookBack\RepeatController;
use App\Http\Controllers\LookBack\SeasonReportController;
use App\Http\Controllers\LookBack\TrustController;
use App\Http\Controllers\Lure\BoatCardController;
use App\Http\Controllers\Lure\PinnedLureController;
use App\Http\Controllers\Lure\StationController;
use App\Http\Controllers\MendController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\Places;
use App\Http\Controllers\Places\EdgeController;
use App\Http\Controllers\Places\ForecastController;
use App\Http\Controllers\Places\ImportController;
use App\Http\Controllers\Places\MarkController;
use App\Http\Controllers\Places\PlacesController;
use App\Http\Controllers\Places\PlacesFileController;
use App\Http\Controllers\Places\RecordingController;
use App\Http\Controllers\Places\ShareController;
use App\Http\Controllers\Places\SurveyController;
use App\Http\Controllers\Places\TideController;
use App\Http\Controllers\QuestionController;
use App\Http\Controllers\Rig\RigController;
use App\Http\Controllers\Rig\RodController;
use App\Http\Controllers\Rules\OwnRuleController;
use App\Http\Controllers\Rules\RuleController;
use App\Http\Controllers\Rules\RuleFileController;
use App\Http\Controllers\Tackle\BenchController;
use App\Http\Controllers\Tackle\BoxFileController;
use App\Http\Controllers\Tackle\CardRuleController;
use App\Http\Controllers\Tackle\GaugeController;
use App\Http\Controllers\Tackle\GearController;
use App\Http\Controllers\Tackle\LoopGuideController;
use App\Http\Controllers\Tackle\LureController;
use App\Http\Controllers\Tackle\StartingBoxController;
use App\Http\Controllers\Tackle\TackleController;
use App\Http\Controllers\Tackle\UpkeepController;
use App\Http\Controllers\Tackle\WaterNoteController;
use App\Http\Controllers\Water\LineInUseController;
use App\Http\Controllers\Water\MeasurementController;
use App\Http\Controllers\Water\ReadingController;
use App\Http\Controllers\Water\SpotController;
use App\Http\Controllers\Water\WaterController;
use App\Http\Controllers\Work\CadenceController;
use App\Http\Controllers\Work\PlanController;
use App\Http\Controllers\Work\WorkController;
use Eskith\Telling\Question;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('sign-in', [SessionController::class, 'create'])->name('login');
    Route::post('sign-in', [SessionController::class, 'store'])->middleware('throttle:sign-in')->name('session.store');
    Route::get('register', [RegisterController::class, 'create'])->name('register');
    Route::post('register', [RegisterController::class, 'store'])->middleware('throttle:register')->name('register.store');
    Route::post('demo', [DemoController::class, 'store'])->middleware('throttle:demo')->name('demo.store');
    Route::get('forgot-password', [ForgottenPasswordController::class, 'create'])->name('password.request');
    Route::post('forgot-password', [ForgottenPasswordController::class, 'store'])->middleware('throttle:reset')->name('password.email');
    Route::get('reset-password/{token}', [ForgottenPasswordController::class, 'edit'])->name('password.reset');
    Route::post('reset-password', [ForgottenPasswordController::class, 'update'])->middleware('throttle:reset')->name('password.store');
});

Route::middleware(['auth', 'throttle:writes'])->group(function (): void {
    Route::post('sign-out', [SessionController::class, 'destroy'])->name('session.destroy');
    Route::post('mend', MendController::class)->name('mend');

    Route::controller(StationController::class)->group(function (): void {
        Route::get('/', 'lure')->name('home');
        Route::get('lure', 'lure')->name('lure');
    });
    if (App::environment('testing')) {
        // What a page costs that shows nothing: bin/bench measures all others against it. No part of what is served.
        Route::get('empty', static fn () => (new TroublePage(200, ''))->render());
    }
    Route::get('kit', KitController::class)->name('kit');
    foreach (Question::cases() as $question) {
        Route::match($question->isLong() ? ['POST'] : ['GET'], $question->value, QuestionController::class)
            ->defaults('question', $question->value)->name($question->value);
    }
    Route::get('spots/{spot}/pictures', [PictureController::class, 'ofSpot'])->whereNumber('spot')->name('spots.pictures');
    Route::controller(PictureController::class)->prefix('pictures/{picture}')->name('pictures.')->group(function (): void {
        Route::get('/', 'show')->whereUuid('picture')->name('show');
        Route::delete('/', 'destroy')->whereUuid('picture')->name('destroy');
    });
    Route::put('pinned', [PinnedLureController::class, 'update'])->name('pinned.update');
    Route::controller(BoatCardController::class)->name('boat-card.')->group(function (): void {
        Route::get('boat-card', 'show')->name('show');
        Route::get('boat-card.html', 'page')->name('page');
        Route::get('boat-card.pdf', 'pdf')->name('pdf');
    });

    Route::get('water', WaterController::class)->name('water');
    Route::post('spots', [SpotController::class, 'store'])->name('spots.store');
    Route::put('spots/{spot}/here', [SpotController::class, 'goTo'])->name('spots.here');
    Route::put('readings', [ReadingController::class, 'update'])->name('readings.update');
    Route::put('readings/pin', [ReadingController::class, 'pin'])->name('readings.pin');
    Route::put('line', [LineInUseController::class, 'update'])->name('line.update');
    Route::post('measurements', [MeasurementController::class, 'store'])->name('measurements.store');
    Route::delete('measurements/{measurement:uuid}', [MeasurementController::class, 'destroy'])->name('measurements.destroy');

    Route::controller(RigController::class)->name('rig.')->group(function (): void {
        Route::get('rig', 'show')->name('show');
        Route::put('rig', 'update')->name('update');
        Route::put('rig/retied', 'retie')->name('retie');
    });
    Route::controller(RodController::class)->prefix('rods')->name('rods.')->group(function (): void {
        Route::get('/', 'index')->name('index');
        Route::post('/', 'store')->name('store');
        Route::put('{rod:uuid}/in-hand', 'takeInHand')->name('in-hand');
        Route::put('{rod:uuid}/ashore', 'leaveAshore')->name('ashore');
    });

    Route::get('work', [WorkController::class, 'show'])->name('work.show');
    Route::controller(PlanController::class)->prefix('plans')->name('plans.')->group(function (): void {
        Route::post('/', 'store')->name('store');
        Route::put('{plan:uuid}/made', 'make')->name('make');
        Route::put('{plan:uuid}/worked', 'worked')->name('worked');
        Route::delete('{plan:uuid}', 'destroy')->name('destroy');
    });

    Route::controller(PlacesController::class)->group(function (): void {
        Route::get('places', 'index')->name('places');
        Route::get('places/{water}', 'show')->whereNumber('water')->name('places.show');
        Route::get('places/{water}/section', 'section')->whereNumber('water')->name('places.section');
        Route::post('places/{water}/section', 'fish')->whereNumber('water')->name('places.fish');
        Route::get('places/{water}/boat', 'boat')->whereNumber('water')->name('places.boat');
        Route::get('places/{water}/track', 'track')->whereNumber('water')->name('places.track');
    });
    Route::get('places/{water}.{format}', [PlacesFileController::class, 'show'])->whereNumber('water')
        ->whereIn('format', ['gpx', 'geojson'])->name('places.file');
    Route::get('places/{water}/windows.ics', [PlacesFileController::class, 'windows'])->whereNumber('water')->name('places.windows');
    // Whoever changes what another tab took away keeps what was typed.
    $gone = static fn (): RedirectResponse => back()->withErrors(
        ['meanwhile' => 'This was taken away elsewhere meanwhile. Copy what you still need of it, then make it anew.'],
    );
    Route::controller(MarkController::class)->name('marks.')->group(function () use ($gone): void {
        Route::post('waters/{water}/marks', 'store')->whereNumber('water')->name('store');
        Route::put('marks/{mark:uuid}', 'update')->missing($gone)->name('update');
        Route::put('marks/{mark:uuid}/here', 'fish')->name('fish');
        Route::delete('marks/{mark:uuid}', 'destroy')->name('destroy');
    });
    Route::controller(EdgeController::class)->name('edges.')->group(function (): void {
        Route::post('waters/{water}/edges', 'store')->whereNumber('water')->name('store');
        Route::post('edges/{edge:uuid}/plan', 'plan')->name('plan');
        Route::delete('edges/{edge:uuid}', 'destroy')->name('destroy');
    });
    Route::post('waters/{water}/soundings', [SurveyController::class, 'store'])->whereNumber('water')->name('surveys.store');
    Route::delete('surveys/{survey:uuid}', [SurveyController::class, 'destroy'])->name('surveys.destroy');
    Route::post('waters/{water}/import', ImportController::class)->whereNumber('water')->name('surveys.import');
    Route::post('waters/{water}/recording', [RecordingController::class, 'store'])->whereNumber('water')->name('recording.store');
    Route::delete('recording', [RecordingController::class, 'destroy'])->name('recording.destroy');
    Route::controller(Places\WaterController::class)->prefix('waters')->name('waters.')->group(function (): void {
        Route::post('/', 'store')->name('store');
        Route::put('{water}', 'update')->whereNumber('water')->name('update');
        Route::delete('{water}', 'destroy')->whereNumber('water')->name('destroy');
        Route::put('{water}/level', 'level')->whereNumber('water')->name('level');
        Route::post('{water}/join', 'join')->whereNumber('water')->name('join');
    });
    Route::post('waters/{water}/forecast', [ForecastController::class, 'store'])->whereNumber('water')->name('waters.forecast');
    Route::delete('waters/{water}/forecast', [ForecastController::class, 'destroy'])->whereNumber('water')
        ->name('waters.forecast.forget');
    Route::put('waters/{water}/tide', TideController::class)->whereNumber('water')->name('waters.tide');
    Route::controller(ShareController::class)->prefix('waters')->name('waters.')->group(function (): void {
        Route::post('copy', 'copy')->middleware('throttle:code')->name('copy');
        Route::post('{water}/share', 'store')->whereNumber('water')->name('share');
        Route::delete('{water}/share', 'destroy')->whereNumber('water')->name('unshare');
    });
    Route::controller(Places\SpotController::class)->name('spots.')->group(function () use ($gone): void {
        Route::post('waters/{water}/spots', 'store')->whereNumber('water')->name('place');
        Route::put('spots/{spot}', 'update')->whereNumber('spot')->missing($gone)->name('update');
        Route::delete('spots/{spot}', 'destroy')->whereNumber('spot')->name('destroy');
    });

    Route::get('look-back', LookBackController::class)->name('look-back');
    Route::post('repeat/{setup}', RepeatController::class)->whereUuid('setup')->name('repeat');
    Route::get('look-back/places', PlacesFishedController::class)->name('look-back.places');
    Route::get('look-back/trust', TrustController::class)->name('trust');
    Route::get('season.html', [SeasonReportController::class, 'page'])->name('season.page');
    Route::get('season.pdf', [SeasonReportController::class, 'pdf'])->name('season.pdf');
    Route::get('fish', FishController::class)->name('fish');
    Route::post('tie-on', [SetupController::class, 'store'])->name('setups.store');
    Route::post('outings/{outing:uuid}/events', [EventController::class, 'store'])->name('outings.events.store');
    Route::delete('events/{event:uuid}', [EventController::class, 'destroy'])->name('events.destroy');
    Route::post('taps', DayTapController::class)->name('taps.store');
    Route::post('outings/{outing:uuid}/taps', TapController::class)->name('outings.taps.store');
    Route::get('outings/{outing:uuid}/now', OutingNowController::class)->name('outings.now');
    Route::put('events/{event:uuid}', [EventController::class, 'update'])->name('events.update');
    Route::put('events/{event:uuid}/put-back', PutBackController::class)->name('events.put-back');
    Route::controller(OutingController::class)->prefix('outings')->name('outings.')->group(function (): void {
        Route::get('/', 'index')->name('index');
        Route::post('/', 'store')->name('store');
        Route::get('choices', 'choices')->name('choices');
        Route::get('{outing:uuid}', 'show')->whereUuid('outing')->name('show');
        Route::put('{outing:uuid}/note', 'update')->name('note');
        Route::delete('{outing:uuid}', 'destroy')->name('destroy');
        Route::put('{outing:uuid}/back', 'bringBack')->name('back');
        Route::post('{outing:uuid}/join', 'join')->name('join');
    });
    Route::controller(CrewController::class)->name('crews.')->group(function (): void {
        Route::post('outings/{outing:uuid}/crew', 'store')->name('store');
        Route::put('outings/{outing:uuid}/crew', 'update')->name('update');
        Route::delete('outings/{outing:uuid}/crew', 'destroy')->name('destroy');
        Route::post('crews/join', 'join')->middleware('throttle:code')->name('join');
    });
    Route::controller(LogFileController::class)->name('log.')->group(function (): void {
        Route::get('outings/{outing:uuid}.{format}', 'one')->whereUuid('outing')->whereIn('format', ['json', 'csv', 'gpx'])->name('one');
        Route::get('log.{format}', 'all')->whereIn('format', ['json', 'csv', 'gpx'])->name('all');
        Route::post('log', 'store')->name('store');
    });
    Route::post('outings/{outing:uuid}/end', [OutingEndController::class, 'store'])->name('outings.end');
    Route::delete('outings/{outing:uuid}/end', [OutingEndController::class, 'destroy'])->name('outings.reopen');

    Route::get('tackle', TackleController::class)->name('tackle.index');
    Route::get('tackle/{lure}', [BenchController::class, 'show'])->whereNumber('lure')->name('tackle.show');
    Route::controller(LureController::class)->prefix('lures')->name('lures.')->group(function (): void {
        Route::get('/', 'index')->name('index');
        Route::post('/', 'store')->name('store');
        Route::patch('/', 'update')->name('update');
        Route::get('propose', 'propose')->name('propose');
        Route::post('{lure}/duplicate', 'duplicate')->whereNumber('lure')->name('duplicate');
    });
    Route::post('starting-box', [StartingBoxController::class, 'store'])->name('starting-box.store');
    Route::get('first-day', [FirstDayController::class, 'show'])->name('first-day');
    Route::post('first-day', [FirstDayController::class, 'store'])->name('first-day.store');
    Route::controller(BoxFileController::class)->name('box.')->group(function (): void {
        Route::get('box.csv', 'csv')->name('csv');
        Route::get('box.json', 'json')->name('json');
        Route::post('box/preview', 'preview')->name('preview');
        Route::post('box/import', 'store')->name('store');
    });
    Route::get('gauge.svg', [GaugeController::class, 'svg'])->name('gauge.svg');
    Route::get('gauge.pdf', [GaugeController::class, 'pdf'])->name('gauge.pdf');
    Route::get('loop-guide', LoopGuideController::class)->name('loop-guide');
    Route::get('gear', [GearController::class, 'index'])->name('gear.index');
    Route::post('gear', [GearController::class, 'store'])->name('gear.store');
    Route::delete('gear/{gear}', [GearController::class, 'destroy'])->whereNumber('gear')->name('gear.destroy');
    Route::post('gear/done', [UpkeepController::class, 'store'])->name('gear.done');
    Route::post('waters/{water}/card', [CardRuleController::class, 'store'])->whereNumber('water')->name('card.store');
    Route::delete('card/{rule}', [CardRuleController::class, 'destroy'])->whereNumber('rule')->name('card.destroy');
    Route::put('waters/{water}/notes', [WaterNoteController::class, 'update'])->whereNumber('water')->name('waters.notes.update');

    Route::controller(RuleController::class)->name('rules.')->group(function (): void {
        Route::get('rules', 'index')->name('index');
        Route::put('rules', 'updateAll')->name('update-all');
        Route::delete('rules', 'destroyAll')->name('destroy-all');
    });
    Route::get('rules.json', [RuleFileController::class, 'show'])->name('rules.file');
    Route::post('rules/import', [RuleFileController::class, 'store'])->name('rules.import');
    Route::controller(OwnRuleController::class)->prefix('rules/own/{uuid}')->name('rules.own.')->group(function (): void {
        Route::put('/', 'update')->name('update');
        Route::delete('/', 'destroy')->name('destroy');
        Route::post('try', 'try')->name('try');
    });
    Route::put('rules/{rule}', [RuleController::class, 'update'])->name('rules.update');

    Route::get('account', [AccountController::class, 'show'])->name('account.show');
    Route::delete('account', [AccountController::class, 'destroy'])->middleware('throttle:password')->name('account.destroy');
    Route::put('account/password', [PasswordController::class, 'update'])->middleware('throttle:password')->name('account.password');
    Route::post(
        'account/sign-out-others', [OtherDevicesController::class, 'destroy'],
    )->middleware('throttle:password')->name('account.others');
    Route::get('account/archive.zip', [ArchiveController::class, 'show'])->name('account.archive');
    Route::post('account/archive', [ArchiveController::class, 'store'])->name('account.archive.store');
    Route::get('this-phone', PhoneController::class)->name('this-phone');
    Route::get('settings', [SettingsController::class, 'edit'])->name('settings.edit');
    Route::put('settings', [SettingsController::class, 'update'])->name('settings.update');
    Route::get('cadences', [CadenceController::class, 'index'])->name('cadences.index');
    Route::put('cadences/{cadence}', [CadenceController::class, 'update'])->name('cadences.update');
    Route::delete('cadences/{cadence}', [CadenceController::class, 'destroy'])->name('cadences.destroy');
});
